package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

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
    Operands.divided(Operands.of(match.get(0, Part.class)), match.get(2, Part.class), scope)
        .ifPresent(out);
  }
}
