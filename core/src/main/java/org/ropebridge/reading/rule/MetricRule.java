package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/** "revenue", "total revenue" [total] [metric] -> the metric */
final class MetricRule extends Rule {
  MetricRule() {
    super(
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.SUM).maybe(),
        Slot.a(Meaning.MetricName.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Measures.of(
            new Measure.MetricValue(match.get(1, Meaning.MetricName.class).metric())));
  }
}
