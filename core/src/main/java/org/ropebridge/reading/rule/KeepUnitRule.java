package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "more than 500 guest nights": a metric's unit is a part of its name [comparison with unit] ->
 * keeps groups whose metric in that unit compares so
 */
final class KeepUnitRule extends Rule {
  KeepUnitRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.MetricName.class),
        Slot.a(Phrase.Comparing.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure measure = new Measure.MetricValue(match.get(1, Meaning.MetricName.class).metric());
    out.accept(
        new Contribution.Keeping(
            Keeps.compared(measure, match.get(2, Phrase.Comparing.class), scope), false));
  }
}
