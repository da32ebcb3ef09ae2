package org.ropebridge.upload;

import java.util.Collection;
import java.util.List;

/** Recognises a row of totals at the end: by its word, or because its numbers are the sums. */
final class Totals {
  private static final DecimalMark[] MARKS = DecimalMark.values();

  private Totals() {}

  /**
   * Whether the row holds totals.
   *
   * @param columns what was counted of the rows before the held ones
   * @param held rows above it that were not counted yet
   */
  static boolean isTotal(RawRow row, List<ColumnTally> columns, Collection<RawRow> held) {
    int numbers = 0;
    int sums = 0;
    int blanks = 0;
    for (int i = 0; i < columns.size(); i++) {
      Shapes.Seen seen = Shapes.of(CellText.tidy(row.cell(i)));
      if (seen.number() != null) {
        numbers++;
        sums += isSum(seen, columns.get(i), held, i) ? 1 : 0;
      } else if (seen.shape().isMissing()) {
        blanks++;
      } else if (!RowJudge.isTotalWord(RowJudge.firstLabel(row))) {
        return false;
      }
    }
    boolean named = RowJudge.isTotalWord(RowJudge.firstLabel(row));
    return numbers > 0 && (named || blanks > 0 && sums == numbers && numbers < columns.size());
  }

  private static boolean isSum(
      Shapes.Seen seen, ColumnTally column, Collection<RawRow> held, int index) {
    for (DecimalMark mark : MARKS) {
      double sum = column.sum(mark);
      int added = 0;
      for (RawRow other : held) {
        Shapes.Seen cell = Shapes.of(CellText.tidy(other.cell(index)));
        if (cell.number() != null) {
          sum += Sums.value(cell, mark);
          added++;
        }
      }
      double total = Sums.value(seen, mark);
      if (total != 0 && (added > 1 || column.numbers() > 0) && Sums.isSum(total, sum)) {
        return true;
      }
    }
    return false;
  }
}
