package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "instead of valley, by hut" [instead of] [old] [comma] [new] -> the one in place of the other */
final class InsteadOfFirstRule extends Rule {
  InsteadOfFirstRule() {
    super(
        Slot.word(Role.INSTEAD_OF),
        Slot.a(Part.class, Named::isNamed),
        Slot.word(Role.COMMA, Role.SWAP).maybe(),
        Slot.a(Part.class, Named::isNamed));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Named.replace(match.get(1, Part.class), match.get(3, Part.class), out);
  }
}
