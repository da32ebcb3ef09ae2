package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "replace revenue with occupancy" [replace] [old] [with] [new] -> the one for the other */
final class ReplacingRule extends Rule {
  ReplacingRule() {
    super(
        Slot.word(Role.REPLACE),
        Slot.a(Part.class, Named::isNamed),
        Slot.word(Role.PREPOSITION, Role.WITH, Role.TO, Role.TOWARDS, Role.BY),
        Slot.a(Part.class, Named::isNamed));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Named.replace(match.get(1, Part.class), match.get(3, Part.class), out);
  }
}
