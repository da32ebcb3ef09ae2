package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "vs last year", "compared with 2024" [versus] [period] -> every measure beside its value in that
 * period
 */
final class VersusTimeRule extends Rule {
  VersusTimeRule() {
    super(Slot.word(Role.VERSUS), Slot.word(Role.PREPOSITION).maybe(), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.VersusTime(match.get(2, Phrase.Time.class), Contribution.With.NOTHING));
  }
}
