package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "revenue minus refunds", "revenue divided by guest nights" [measure] [operator] [measure] -> both
 * put together
 */
final class ArithmeticRule extends Rule {
  ArithmeticRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.a(Meaning.OperatorWord.class),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Operator operator = match.get(1, Meaning.OperatorWord.class).operator();
    Operands.together(operator, match.get(0, Part.class), match.get(2, Part.class), BigDecimal.ONE)
        .ifPresent(out);
  }
}
