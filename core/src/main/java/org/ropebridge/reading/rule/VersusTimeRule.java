package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "vs last year", "compared with 2024", "vs revenue in 2024" [versus] [measure] [period] -> every
 * measure beside its value in that period
 */
final class VersusTimeRule extends Rule {
  VersusTimeRule() {
    super(
        Slot.word(Role.VERSUS),
        Slot.a(Part.class, Operands::isOperand).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution versus =
        new Contribution.VersusTime(match.get(3, Phrase.Time.class), Contribution.With.NOTHING);
    out.accept(Contribution.Again.with(match, 1, versus));
  }
}
