package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "average occupancy", "mean germination rate" [average] [metric that does not add up] -> the
 * metric, which is an average already
 */
final class AverageOfRatioRule extends Rule {
  AverageOfRatioRule() {
    super(
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE),
        Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure metric = new Measure.MetricValue(match.get(1, Meaning.MetricName.class).metric());
    if (!MeasureTables.addsUp(metric, scope.model())) {
      out.accept(Contribution.Measures.of(metric));
    }
  }
}
