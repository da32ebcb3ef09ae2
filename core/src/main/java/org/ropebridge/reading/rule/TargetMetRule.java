package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Plan;

/**
 * "missed the sales target", "over budget" [missed or reached, or a comparison] [metric that says
 * what another is to be] -> keeps groups whose other metric is below it, or not
 */
final class TargetMetRule extends Rule {
  TargetMetRule() {
    super(Slot.a(Part.class, TargetMetRule::isCompared), Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    scope
        .target(match.get(1, Meaning.MetricName.class).metric())
        .ifPresent(
            target ->
                out.accept(
                    new Contribution.Keeping(
                        new Plan.Keep(
                            target.measureOver(),
                            new Plan.Against(Bound.of(comparison(match.get(0, Part.class)), 0))),
                        false)));
  }

  /** Whether it says on which side of a target something is; "maximum" is a statistic there. */
  static boolean isCompared(Part part) {
    return part instanceof Meaning.ComparisonWord word
            && (word.comparison() == Filter.Comparison.MORE_THAN
                || word.comparison() == Filter.Comparison.LESS_THAN)
        || part instanceof Meaning.FunctionWord function
            && (function.role() == Role.MISSED
                || function.role() == Role.REACHED
                || function.role() == Role.KEPT_WITHIN);
  }

  static Filter.Comparison comparison(Part part) {
    if (part instanceof Meaning.ComparisonWord word) {
      return word.comparison();
    }
    return switch (((Meaning.FunctionWord) part).role()) {
      case MISSED -> Filter.Comparison.LESS_THAN;
      case KEPT_WITHIN -> Filter.Comparison.AT_MOST;
      default -> Filter.Comparison.AT_LEAST;
    };
  }
}
