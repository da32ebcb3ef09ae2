package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "the most common reason for cancellation" [number] [most common] [column] -> its values that most
 * rows have
 */
final class MostCommonRule extends Rule {
  MostCommonRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.CommonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(3, Meaning.ColumnName.class).column();
    boolean fits =
        !scope.model().namesItsTable(column)
            && !scope.isTemporal(column)
            && !(match.has(0) && match.has(2));
    if (fits) {
      ranked(match, column).ifPresent(out);
    }
  }

  /**
   * The values that most rows have, or fewest; empty when their number, in slot 0 or 2, is none.
   */
  static Optional<Contribution> ranked(Match match, ColumnRef column) {
    return ranked(match, column, column.table());
  }

  /** The same, by rows of that table. */
  static Optional<Contribution> ranked(Match match, ColumnRef column, String rows) {
    int count = Rankings.wanted(match, match.has(0) ? 0 : 2, 3);
    return count < 1
        ? Optional.empty()
        : Optional.of(
            new Contribution.Ranked(
                match.get(1, Meaning.CommonWord.class).most()
                    ? Contribution.Direction.TOP
                    : Contribution.Direction.BOTTOM,
                count,
                Optional.of(new Grouping.ByColumn(column)),
                Optional.of(new Measure.RowCount(rows))));
  }
}
