package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "refunds as a percentage of revenue" [measure] [as a percentage of] [measure] -> the one divided
 * by the other; of itself, the part that is set apart
 */
final class AsShareOfRule extends Rule {
  AsShareOfRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.AS_SHARE_OF),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part one = match.get(0, Part.class);
    Part other = match.get(2, Part.class);
    if (Operands.of(one).equals(Operands.of(other))) {
      out.accept(new Contribution.ShareOf(Operands.of(one), Optional.empty()));
    } else {
      Operands.together(Measure.Operator.DIVIDED_BY, one, other, BigDecimal.ONE).ifPresent(out);
    }
  }
}
