package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "ratio of refunds to revenue" [ratio] [measure] [to] [measure] -> the one divided by the other
 */
final class RatioRule extends Rule {
  RatioRule() {
    super(
        Slot.word(Role.RATIO),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.TO, Role.AND, Role.VERSUS),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Operands.together(
            Measure.Operator.DIVIDED_BY,
            match.get(1, Part.class),
            match.get(3, Part.class),
            BigDecimal.ONE)
        .ifPresent(out);
  }
}
