package org.ropebridge.upload;

import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * How a file is taken in.
 *
 * @param headerLines lines of the heading, in order; none when the file has none
 * @param firstLine the first line that can be a row
 * @param width how many cells a row has
 * @param sheet whether it comes from a sheet, whose rows end where their last cell is
 * @param lastHeader the cells of the heading's last line, by which it is known when it comes again
 * @param columns one for each cell of a row, in order
 * @param out lines that are no rows, with the reason: totals, remarks below the table
 */
public record FileForm(
    List<Long> headerLines,
    long firstLine,
    int width,
    boolean sheet,
    List<String> lastHeader,
    List<ColumnForm> columns,
    SortedMap<Long, String> out) {
  public FileForm {
    headerLines = List.copyOf(headerLines);
    lastHeader = List.copyOf(lastHeader);
    columns = List.copyOf(columns);
    out = java.util.Collections.unmodifiableSortedMap(new TreeMap<>(out == null ? Map.of() : out));
  }

  /** The columns that the table has. */
  public List<ColumnForm> kept() {
    return columns.stream().filter(ColumnForm::kept).toList();
  }

  /** Whether the author must say something before the file can be taken in. */
  public boolean hasOpenColumns() {
    return columns.stream().anyMatch(ColumnForm::isOpen);
  }

  public FileForm withColumns(List<ColumnForm> newColumns) {
    return new FileForm(headerLines, firstLine, width, sheet, lastHeader, newColumns, out);
  }
}
