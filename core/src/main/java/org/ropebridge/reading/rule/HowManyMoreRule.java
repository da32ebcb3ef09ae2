package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how many more stays did we have in July than in June" [how many more] [measure] -> it, and that
 * more is asked
 */
final class HowManyMoreRule extends Rule {
  HowManyMoreRule() {
    super(Slot.word(Role.HOW_MUCH_MORE), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Together(
            List.of(
                Contribution.Measures.of(Operands.of(match.get(1, Part.class))),
                new Contribution.Comparative(Contrast.MORE))));
  }
}
