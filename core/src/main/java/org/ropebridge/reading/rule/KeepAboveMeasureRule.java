package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "whose income is higher than their budget" [measure] [comparison] [measure] -> keeps groups whose
 * one measure is above the other
 */
final class KeepAboveMeasureRule extends Rule {
  KeepAboveMeasureRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.ComparisonWord.class),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 1.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter.Comparison comparison = match.get(3, Meaning.ComparisonWord.class).comparison();
    Operands.together(
            Measure.Operator.MINUS,
            match.get(1, Part.class),
            match.get(4, Part.class),
            BigDecimal.ONE)
        .map(p -> ((Contribution.Measures) p).measures().get(0))
        .filter(difference -> comparison != Filter.Comparison.BETWEEN)
        .filter(difference -> areComparable(match) && isOfTarget(match, scope))
        .ifPresent(
            difference ->
                out.accept(
                    new Contribution.Keeping(
                        new Plan.Keep(difference, new Plan.Against(Bound.of(comparison, 0))),
                        false)));
  }

  /** What is to be so much is compared with what came of it, if that is known. */
  private static boolean isOfTarget(Match match, Scope scope) {
    Measure actual = Operands.of(match.get(1, Part.class));
    return !(Operands.of(match.get(4, Part.class)) instanceof Measure.MetricValue wanted)
        || scope
            .target(wanted.metric())
            .map(t -> new Measure.MetricValue(t.actual()).equals(actual))
            .orElse(true);
  }

  /** How many rows there are is compared with how many others there are, not with their cost. */
  private static boolean areComparable(Match match) {
    return match.find(1, Meaning.RowNoun.class).isPresent()
        == match.find(4, Meaning.RowNoun.class).isPresent();
  }
}
