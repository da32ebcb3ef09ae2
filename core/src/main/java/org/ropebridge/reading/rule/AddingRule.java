package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "add occupancy", "also by month" [add] -> what is named comes on top */
final class AddingRule extends Rule {
  AddingRule() {
    super(Slot.word(Role.ADD));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Adding());
  }
}
