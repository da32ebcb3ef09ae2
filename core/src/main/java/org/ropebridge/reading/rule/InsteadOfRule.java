package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "by hut instead of valley" [new] [instead of] [old] -> the one in the place of the other */
final class InsteadOfRule extends Rule {
  InsteadOfRule() {
    super(
        Slot.a(Part.class, Named::isNamed),
        Slot.word(Role.INSTEAD_OF),
        Slot.a(Part.class, Named::isNamed));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Named.replace(match.get(2, Part.class), match.get(0, Part.class), out);
  }
}
