package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "not revenue but guest nights" [not] [old] [but] [new] -> the one for the other */
final class NotButRule extends Rule {
  NotButRule() {
    super(
        Slot.word(Role.INSTEAD_OF, Role.EXCLUDING),
        Slot.a(Part.class, Named::isNamed),
        Slot.word(Role.AND),
        Slot.a(Part.class, Named::isNamed));
  }

  @Override
  public double bonus() {
    return 2.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Named.replace(match.get(1, Part.class), match.get(3, Part.class), out);
  }
}
