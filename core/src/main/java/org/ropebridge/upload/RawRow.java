package org.ropebridge.upload;

import java.util.List;

/**
 * A row as it stands in the file.
 *
 * @param line where it begins, from 1: the line of a text file, the row of a sheet
 * @param cells what stands in it; empty text for an empty cell
 */
public record RawRow(long line, List<String> cells) {
  public RawRow {
    cells = List.copyOf(cells);
  }

  boolean isBlank() {
    return cells.stream().allMatch(CellText::isBlank);
  }

  /** How many cells there are up to the last that is not empty. */
  int filledWidth() {
    int width = cells.size();
    while (width > 0 && CellText.isBlank(cells.get(width - 1))) {
      width--;
    }
    return width;
  }

  long filled() {
    return cells.stream().filter(c -> !CellText.isBlank(c)).count();
  }

  /** The first cell that is not empty; empty text for a blank row. */
  String firstFilled() {
    return cells.stream().filter(c -> !CellText.isBlank(c)).findFirst().orElse("");
  }

  String cell(int index) {
    return index < cells.size() ? cells.get(index) : "";
  }
}
