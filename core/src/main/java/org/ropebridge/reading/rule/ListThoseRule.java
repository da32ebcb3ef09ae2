package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "list them", "which ones" [list them, or which of them] -> the rows that were counted */
final class ListThoseRule extends Rule {
  ListThoseRule() {
    super(Slot.word(Role.LIST_THOSE, Role.WHICH), Slot.word(Role.THOSE).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isWord(0, Role.WHICH) == match.has(1)) {
      out.accept(new Contribution.ListThose(match.has(1)));
    }
  }
}
