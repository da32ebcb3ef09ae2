package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;

/**
 * "average number of seats per booking" [statistic] [how many] [number column] [per] [noun of its
 * rows] -> the statistic of the column
 */
final class AverageColumnPerRowRule extends Rule {
  AverageColumnPerRowRule() {
    super(
        Slot.a(Phrase.Statistics.class),
        Slot.word(Role.COUNT).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.PER),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    boolean own = match.get(4, Meaning.RowNoun.class).table().equals(column.table());
    if (own && scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(new Contribution.Measures(match.get(0, Phrase.Statistics.class).of(column)));
    }
  }
}
