package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how much did we bill", where there are bills as well [how much did we] [metric] -> the metric,
 * whatever else the word names
 */
final class HowMuchDoneRule extends Rule {
  HowMuchDoneRule() {
    super(Slot.word(Role.HOW_MUCH_DONE), Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Measures.of(
            new Measure.MetricValue(match.get(1, Meaning.MetricName.class).metric())));
  }
}
