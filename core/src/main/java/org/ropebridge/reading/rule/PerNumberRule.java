package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "callouts per 1000 stays" [measure] [per] [number] [measure] -> the one divided by the other,
 * times the number
 */
final class PerNumberRule extends Rule {
  PerNumberRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PER, Role.BY),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal factor = match.get(2, Meaning.NumberWord.class).number();
    if (factor.signum() > 0) {
      Operands.together(
              Measure.Operator.DIVIDED_BY,
              match.get(0, Part.class),
              match.get(3, Part.class),
              factor)
          .ifPresent(out);
    }
  }
}
