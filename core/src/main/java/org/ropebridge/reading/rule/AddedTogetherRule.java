package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "revenue and refunds added together", "sum of revenue and refunds" [add] [measure] [and]
 * [measure] [added together] -> their sum
 */
final class AddedTogetherRule extends Rule {
  AddedTogetherRule() {
    super(
        Slot.word(Role.SUM_UP).maybe(),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.AND),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.ADDED_TOGETHER).maybe());
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) != match.has(4)) {
      Part one = match.get(1, Part.class);
      Part other = match.get(3, Part.class);
      boolean alike = scope.unitOf(Operands.of(one)).equals(scope.unitOf(Operands.of(other)));
      if (alike) {
        Operands.together(Measure.Operator.PLUS, one, other, BigDecimal.ONE).ifPresent(out);
      }
    }
  }
}
