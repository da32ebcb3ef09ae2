package org.ropebridge.upload;

import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Tells rows from what stands between them. Sees the rows below the heading in order. */
final class RowJudge {
  private static final Set<String> TOTALS =
      Set.of(
          "total",
          "totals",
          "grand total",
          "subtotal",
          "sub-total",
          "sub total",
          "sum",
          "summe",
          "gesamt",
          "gesamtsumme",
          "zwischensumme",
          "all",
          "average",
          "mean");

  private final List<String> header;
  private final int width;
  private final boolean sheet;
  private List<String> before = List.of();

  RowJudge(List<String> header, int width, boolean sheet) {
    this.header = header;
    this.width = width;
    this.sheet = sheet;
  }

  /** What a line is. */
  enum Verdict {
    ROW,
    BLANK,
    HEADER_AGAIN,
    SUBTOTAL,
    TOO_LONG,
    TOO_SHORT
  }

  Verdict judge(RawRow row) {
    if (row.isBlank()) {
      return Verdict.BLANK;
    }
    if (isHeader(row)) {
      return Verdict.HEADER_AGAIN;
    }
    if (row.filledWidth() > width) {
      return Verdict.TOO_LONG;
    }
    if (isSubtotal(row)) {
      return Verdict.SUBTOTAL;
    }
    if (!sheet && row.cells().size() < width) {
      return Verdict.TOO_SHORT;
    }
    before = row.cells();
    return Verdict.ROW;
  }

  private boolean isHeader(RawRow row) {
    if (header.isEmpty() || row.cells().size() < 2) {
      return false;
    }
    for (int i = 0; i < Math.max(header.size(), row.cells().size()); i++) {
      String expected = i < header.size() ? header.get(i) : "";
      if (!CellText.tidy(row.cell(i)).equals(expected)) {
        return false;
      }
    }
    return true;
  }

  /** "Total" or "Ossel total" below rows of Ossel, and otherwise only numbers. */
  private boolean isSubtotal(RawRow row) {
    int at = 0;
    while (CellText.isBlank(row.cell(at))) {
      at++;
    }
    String label = label(row.cell(at));
    String above = at < before.size() ? label(before.get(at)) : "";
    boolean named =
        isTotalWord(label)
            || !above.isEmpty()
                && (label.equals(above + " total") || label.equals("total " + above));
    return named && onlyNumbersAfter(row, at);
  }

  private static boolean onlyNumbersAfter(RawRow row, int at) {
    int numbers = 0;
    for (int i = at + 1; i < row.cells().size(); i++) {
      Shape shape = Shapes.of(CellText.tidy(row.cell(i))).shape();
      if (shape.isNumber()) {
        numbers++;
      } else if (!shape.isMissing()) {
        return false;
      }
    }
    return numbers > 0;
  }

  private static String label(String cell) {
    return CellText.tidy(cell).toLowerCase(Locale.ROOT);
  }

  /** What stands in the row's first cell that is not empty, in lower case. */
  static String firstLabel(RawRow row) {
    return label(row.firstFilled());
  }

  /** Whether a label is a word for a total, perhaps with a colon. */
  static boolean isTotalWord(String label) {
    return TOTALS.contains(
        label.endsWith(":") ? CellText.tidy(label.substring(0, label.length() - 1)) : label);
  }
}
