package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "how many new members", "number of cancellations" [how many] [metric] -> the metric */
final class CountMetricRule extends Rule {
  CountMetricRule() {
    super(Slot.word(Role.COUNT), Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Measures.of(
            new Measure.MetricValue(match.get(1, Meaning.MetricName.class).metric())));
  }
}
