package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Metric;
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
    String name = match.get(1, Meaning.MetricName.class).metric();
    Metric metric = scope.model().metric(name);
    out.accept(Contribution.Measures.of(new Measure.MetricValue(name)));
    // "how many rents": of money so many are no amount, and may be the rows that it is made of.
    if (match.isPlural(1) && metric.unit().filter(scope::isMoney).isPresent()) {
      metric.table().ifPresent(t -> out.accept(Contribution.Measures.of(new Measure.RowCount(t))));
    }
  }
}
