package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "with Jory Penrose as warden", "that have solar as their fuel" [with] [values] [as] [column or
 * noun] -> keeps rows with those values in that column
 */
final class ValuesAsColumnRule extends Rule {
  ValuesAsColumnRule() {
    super(
        Slot.word(Role.HAVE, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.word(Role.AS),
        Slot.word(Role.THEIR).maybe(),
        Slot.a(Part.class, ValuesOfColumnRule::isHolder));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ValuesOfColumnRule.narrowing(match, 4, 1, false, scope).ifPresent(out);
  }
}
