package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.TimeUnit;

/**
 * "average revenue" [average] [metric that adds up] -> per month, or per row: which, nobody said
 */
final class AverageOfMetricRule extends Rule {
  AverageOfMetricRule() {
    super(
        Slot.a(Phrase.Statistics.class, s -> s.isJust(Measure.Kind.AVERAGE)),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()));
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure measure = match.get(1, Contribution.Measures.class).measures().get(0);
    if (!(measure instanceof Measure.MetricValue value)
        || !MeasureTables.addsUp(value, scope.model())) {
      return;
    }
    out.accept(
        apart(
            new Measure.OverParts(
                Measure.Kind.AVERAGE,
                value,
                new Grouping.ByTime(TimeUnit.MONTH, Optional.empty()))));
    scope
        .model()
        .metric(value.metric())
        .table()
        .map(
            t ->
                new Measure.Arithmetic(Measure.Operator.DIVIDED_BY, value, new Measure.RowCount(t)))
        .ifPresent(m -> out.accept(apart(m)));
  }

  /** As what nothing more is computed with: "average revenue per stay" is per stay alone. */
  private static Contribution apart(Measure measure) {
    return new Contribution.Together(List.of(Contribution.Measures.of(measure)));
  }
}
