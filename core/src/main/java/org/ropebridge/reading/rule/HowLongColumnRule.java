package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/** "how long do people wait" [how long] [column that measures it] -> its average */
final class HowLongColumnRule extends Rule {
  HowLongColumnRule() {
    super(Slot.a(Meaning.HowWord.class), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    boolean measures =
        scope.holds(column, Column.Holds.NUMBER)
            && scope.model().column(column).unit().stream()
                .anyMatch(
                    u ->
                        match.get(0, Meaning.HowWord.class).dimensions().stream()
                            .anyMatch(d -> scope.dimensions().has(d, u)));
    if (measures) {
      out.accept(Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.AVERAGE, column)));
    }
  }
}
