package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "missed the sales target" [missed or reached] [metric that is called by another and what it is to
 * it] -> keeps groups whose other metric is below it, or not
 */
final class TargetMetRule extends Rule {
  TargetMetRule() {
    super(Slot.word(Role.MISSED, Role.REACHED), Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Metric target = scope.model().metric(match.get(1, Meaning.MetricName.class).metric());
    Filter.Comparison comparison =
        match.isWord(0, Role.MISSED) ? Filter.Comparison.LESS_THAN : Filter.Comparison.AT_LEAST;
    measured(target, scope)
        .ifPresent(
            metric ->
                out.accept(
                    new Contribution.Keeping(
                        new Plan.Keep(
                            new Measure.Arithmetic(
                                Measure.Operator.MINUS,
                                new Measure.MetricValue(metric.name()),
                                new Measure.MetricValue(target.name()),
                                BigDecimal.ONE),
                            new Plan.Against(Bound.of(comparison, 0))),
                        false)));
  }

  /** "sales", of the "sales target". */
  private static Optional<Metric> measured(Metric target, Scope scope) {
    List<Metric> named =
        scope.model().metrics().stream()
            .filter(m -> !m.name().equals(target.name()))
            .filter(m -> target.label().startsWith(m.label() + " "))
            .toList();
    return named.size() == 1 ? Optional.of(named.get(0)) : Optional.empty();
  }
}
