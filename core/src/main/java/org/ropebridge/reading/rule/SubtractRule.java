package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "subtract refunds from revenue" [subtract] [measure] [from] [measure] -> the one less the other
 */
final class SubtractRule extends Rule {
  SubtractRule() {
    super(
        Slot.word(Role.SUBTRACT),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.FROM, Role.PREPOSITION),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Operands.together(
            Measure.Operator.MINUS,
            match.get(3, Part.class),
            match.get(1, Part.class),
            BigDecimal.ONE)
        .ifPresent(out);
  }
}
