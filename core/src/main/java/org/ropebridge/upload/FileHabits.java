package org.ropebridge.upload;

import java.util.List;

/**
 * How a file writes numbers and days, where one of its columns can be read in two ways.
 *
 * @param mark null when nothing tells
 * @param order null when nothing tells
 * @param whyMark why the mark is thought so
 */
record FileHabits(DecimalMark mark, DayOrder order, String whyMark) {

  static FileHabits of(List<ColumnTally> columns, boolean sheet, char separator) {
    DayOrder order =
        habit(
            columns.stream().mapToLong(ColumnTally::dayFirst).sum(),
            columns.stream().mapToLong(ColumnTally::monthFirst).sum(),
            DayOrder.DAY_FIRST,
            DayOrder.MONTH_FIRST);
    if (sheet) {
      return new FileHabits(DecimalMark.POINT, order, "as sheets keep them");
    }
    DecimalMark mark =
        habit(
            columns.stream().mapToLong(ColumnTally::withPoint).sum(),
            columns.stream().mapToLong(ColumnTally::withComma).sum(),
            DecimalMark.POINT,
            DecimalMark.COMMA);
    if (mark != null) {
      return new FileHabits(mark, order, "as in the other columns");
    }
    return switch (separator) {
      case ';' ->
          new FileHabits(
              DecimalMark.COMMA, order, "because semicolons stand between cells; check it");
      case ',' ->
          new FileHabits(DecimalMark.POINT, order, "because commas stand between cells; check it");
      default -> new FileHabits(null, order, "");
    };
  }

  private static <T> T habit(long one, long other, T first, T second) {
    if (one > 0 && other > 0 || one + other == 0) {
      return null;
    }
    return one > 0 ? first : second;
  }
}
