package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "above average altitude", "altitude above the average" [above average] [number column] -> keeps
 * groups whose number is above the mean
 */
final class ColumnBesideAverageRule extends Rule {
  ColumnBesideAverageRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.BesideAverage.class),
        Slot.a(Meaning.ColumnName.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) == match.has(4)) {
      return;
    }
    ColumnRef column = match.get(match.has(1) ? 1 : 4, Meaning.ColumnName.class).column();
    if (scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          new Contribution.Keeping(
              new Plan.Keep(
                  new Measure.Statistic(Measure.Kind.AVERAGE, column, 0),
                  new Plan.BesideAverage(match.get(3, Phrase.BesideAverage.class).above())),
              false));
    }
  }
}
