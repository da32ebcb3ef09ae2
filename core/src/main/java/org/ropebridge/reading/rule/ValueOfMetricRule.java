package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "value of the pipeline", "what is the pipeline worth", where it is the value of open deals
 * [amount of money] [metric that is computed of it] [amount of money] -> the metric
 */
final class ValueOfMetricRule extends Rule {
  ValueOfMetricRule() {
    super(
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.a(Meaning.MetricName.class),
        Slot.a(Meaning.ColumnName.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String metric = match.get(1, Meaning.MetricName.class).metric();
    Measure measure = new Measure.MetricValue(metric);
    boolean before = match.has(0) && !match.has(2) && !match.adjoins(1);
    boolean behind = match.has(2) && !match.has(0) && match.adjoins(2);
    if (!before && !behind || !scope.isMoney(measure)) {
      return;
    }
    ColumnRef column = match.get(before ? 0 : 2, Meaning.ColumnName.class).column();
    if (scope.addsUp(column)
        && scope.isMoney(Measure.Statistic.of(Measure.Kind.SUM, column))
        && scope.isComputedOf(metric, column)) {
      out.accept(Contribution.Measures.of(measure));
    }
  }
}
