package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "year over year", "compared with the year before" [versus] [earlier time] -> every measure beside
 * its value then
 */
final class VersusRule extends Rule {
  VersusRule() {
    super(
        Slot.word(Role.VERSUS, Role.OVER, Role.AND, Role.COMMA), Slot.a(Phrase.EarlierTime.class));
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(match.get(1, Phrase.EarlierTime.class).versus());
  }
}
