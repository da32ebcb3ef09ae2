package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;

/** Prints rows in columns. */
final class TextTable {
  private static final int WIDEST_CELL = 48;

  private TextTable() {}

  /**
   * Prints a heading, a rule and the rows.
   *
   * @param rightAligned indexes of columns that hold numbers
   */
  static void print(
      PrintWriter out, List<String> heading, List<Integer> rightAligned, List<List<String>> rows) {
    List<Integer> widths = new ArrayList<>();
    for (int i = 0; i < heading.size(); i++) {
      int width = length(heading.get(i));
      for (List<String> row : rows) {
        width = Math.max(width, length(cut(row.get(i))));
      }
      widths.add(width);
    }
    out.println(line(heading, widths, rightAligned));
    out.println(String.join("  ", widths.stream().map("─"::repeat).toList()));
    rows.forEach(row -> out.println(line(row, widths, rightAligned)));
  }

  private static String line(List<String> cells, List<Integer> widths, List<Integer> right) {
    StringBuilder line = new StringBuilder();
    for (int i = 0; i < cells.size(); i++) {
      String cell = cut(cells.get(i));
      String space = " ".repeat(widths.get(i) - length(cell));
      line.append(i == 0 ? "" : "  ").append(right.contains(i) ? space + cell : cell + space);
    }
    return line.toString().stripTrailing();
  }

  private static String cut(String cell) {
    return length(cell) <= WIDEST_CELL ? cell : cell.substring(0, WIDEST_CELL - 1) + "…";
  }

  private static int length(String text) {
    return text.codePointCount(0, text.length());
  }
}
