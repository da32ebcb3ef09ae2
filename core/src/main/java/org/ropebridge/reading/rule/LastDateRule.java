package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "last inspection date", "earliest departure" [last] [date column] [noun of its rows] -> the end
 * of the dates
 */
final class LastDateRule extends Rule {
  LastDateRule() {
    super(
        Slot.word(Role.NEWEST, Role.OLDEST, Role.LAST, Role.FIRST),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(1, Meaning.ColumnName.class).column();
    boolean newest = match.isWord(0, Role.NEWEST) || match.isWord(0, Role.LAST);
    boolean own =
        match.find(2, Meaning.RowNoun.class).filter(n -> !n.table().equals(date.table())).isEmpty();
    if (scope.isTemporal(date) && own && !match.isPlural(1) && !match.isPlural(2)) {
      out.accept(
          Contribution.Measures.of(
              Measure.Statistic.of(newest ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM, date)));
    }
  }
}
