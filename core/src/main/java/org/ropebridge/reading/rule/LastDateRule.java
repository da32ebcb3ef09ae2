package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/** "last inspection date", "earliest departure" [last] [date column] -> the end of the dates */
final class LastDateRule extends Rule {
  LastDateRule() {
    super(
        Slot.word(Role.NEWEST, Role.OLDEST, Role.LAST, Role.FIRST),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(1, Meaning.ColumnName.class).column();
    boolean newest = match.isWord(0, Role.NEWEST) || match.isWord(0, Role.LAST);
    if (scope.isTemporal(date) && !match.isPlural(1)) {
      out.accept(
          Contribution.Measures.of(
              Measure.Statistic.of(newest ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM, date)));
    }
  }
}
