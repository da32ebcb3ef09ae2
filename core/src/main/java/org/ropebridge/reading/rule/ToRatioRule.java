package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "income to budget ratio" [measure] [to] [measure] [ratio] -> the one divided by the other */
final class ToRatioRule extends Rule {
  ToRatioRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.TO, Role.TOWARDS),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.RATIO_NOUN));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Operands.together(
            Measure.Operator.DIVIDED_BY,
            match.get(0, Part.class),
            match.get(2, Part.class),
            BigDecimal.ONE)
        .ifPresent(out);
  }
}
