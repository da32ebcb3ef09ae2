package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "difference between revenue and refunds" [difference] [measure] [and] [measure] -> the one minus
 * the other
 */
final class BetweenRule extends Rule {
  BetweenRule() {
    super(
        Slot.word(Role.DIFFERENCE),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.AND, Role.TO),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Operands.together(
            Measure.Operator.MINUS,
            match.get(1, Part.class),
            match.get(3, Part.class),
            BigDecimal.ONE)
        .ifPresent(out);
  }
}
