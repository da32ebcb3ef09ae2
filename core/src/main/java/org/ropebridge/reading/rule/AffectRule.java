package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "does altitude affect occupancy" [measure] [affect] [measure] [by] [something to group by] -> how
 * closely both go together
 */
final class AffectRule extends Rule {
  AffectRule() {
    super(
        Slot.a(Part.class, Operands::isOperandOrColumn),
        Slot.word(Role.AFFECT),
        Slot.a(Part.class, Operands::isOperandOrColumn),
        Slot.word(Role.OVER_EACH, Role.BY, Role.PER).maybe(),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(3) == match.has(4)) {
      CorrelationRule.together(match, 0, 2, 4, scope)
          .filter(c -> match.has(4) || !isOverTime(c))
          .ifPresent(out);
    }
  }

  /** What only happens in the same months is not said to affect the other. */
  private static boolean isOverTime(Contribution.Measures correlation) {
    return ((Measure.Correlation) correlation.measures().get(0)).over() instanceof Grouping.ByTime;
  }
}
