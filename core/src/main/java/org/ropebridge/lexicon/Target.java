package org.ropebridge.lexicon;

import java.math.BigDecimal;
import java.util.Optional;
import org.ropebridge.plan.Measure;

/**
 * What a metric is to be: the budget of the spending.
 *
 * @param target the metric that says what is wanted or planned
 * @param actual the metric that says what came of it
 * @param over the author's metric for how far the actual is above the target, if there is one
 */
public record Target(String target, String actual, Optional<String> over) {
  /** How far the actual is above the target, below zero where it is below. */
  public Measure measureOver() {
    return over.<Measure>map(Measure.MetricValue::new)
        .orElseGet(() -> of(Measure.Operator.MINUS, actual, target));
  }

  /** What part of the target is reached, 1 for all of it. */
  public Measure measureReached() {
    return of(Measure.Operator.DIVIDED_BY, actual, target);
  }

  /** How much of the target is left. */
  public Measure measureLeft() {
    return of(Measure.Operator.MINUS, target, actual);
  }

  private static Measure of(Measure.Operator operator, String one, String other) {
    return new Measure.Arithmetic(
        operator, new Measure.MetricValue(one), new Measure.MetricValue(other), BigDecimal.ONE);
  }
}
