package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "list callouts in August", "show me the huts" [list] -> rows are wanted */
final class ListRule extends Rule {
  ListRule() {
    super(Slot.word(Role.LIST, Role.LIST_OF));
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Showing());
  }
}
