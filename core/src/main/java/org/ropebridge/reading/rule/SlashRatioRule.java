package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "revenue/guest night" [measure] [slash] [measure, in the singular] -> the one divided by the
 * other
 */
final class SlashRatioRule extends Rule {
  SlashRatioRule() {
    super(
        Slot.a(Contribution.Measures.class, Operands::isOperand),
        Slot.word(Role.SLASH),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isPlural(2)) {
      return;
    }
    Operands.summed(Operands.of(match.get(0, Part.class)), scope)
        .flatMap(
            sum ->
                Operands.together(
                    Measure.Operator.DIVIDED_BY,
                    Contribution.Measures.of(sum),
                    match.get(2, Part.class),
                    BigDecimal.ONE))
        .ifPresent(out);
  }
}
