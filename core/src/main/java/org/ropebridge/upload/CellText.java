package org.ropebridge.upload;

import java.util.Locale;
import java.util.Set;

/** What every cell is freed from before it is read. */
final class CellText {
  /** What people write where there is nothing to write. */
  private static final Set<String> MARKS =
      Set.of(
          "-", "--", "–", "—", "?", ".", "..", "n/a", "na", "n.a.", "#n/a", "null", "nil", "\\n",
          "nan", "none", "k.a.", "missing");

  private static final int LONGEST_MARK = 7;
  private static final char NO_BREAK_SPACE = '\u00a0';
  private static final char NARROW_NO_BREAK_SPACE = '\u202f';
  private static final char BYTE_ORDER_MARK = '\ufeff';

  private CellText() {}

  private static boolean isOuter(char c) {
    return c <= ' ' || c == NO_BREAK_SPACE || c == NARROW_NO_BREAK_SPACE || c == BYTE_ORDER_MARK;
  }

  static boolean isBlank(String cell) {
    for (int i = 0; i < cell.length(); i++) {
      if (!isOuter(cell.charAt(i))) {
        return false;
      }
    }
    return true;
  }

  /** The cell without white space around it and without NUL, which no database keeps. */
  static String tidy(String cell) {
    int from = 0;
    int to = cell.length();
    while (from < to && isOuter(cell.charAt(from))) {
      from++;
    }
    while (to > from && isOuter(cell.charAt(to - 1))) {
      to--;
    }
    String tidy = from == 0 && to == cell.length() ? cell : cell.substring(from, to);
    return tidy.indexOf('\0') < 0 ? tidy : tidy.replace("\0", "");
  }

  /** Whether a tidy cell only says that there is nothing. */
  static boolean isMark(String tidy) {
    return tidy.length() <= LONGEST_MARK && MARKS.contains(tidy.toLowerCase(Locale.ROOT));
  }
}
