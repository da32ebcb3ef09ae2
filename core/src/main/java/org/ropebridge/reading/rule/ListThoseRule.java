package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "list them", "which ones" [list them] -> the rows that were counted */
final class ListThoseRule extends Rule {
  ListThoseRule() {
    super(Slot.word(Role.LIST_THOSE, Role.WHICH_OF_THOSE), Slot.word(Role.BE).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.ListThose(match.isWord(0, Role.WHICH_OF_THOSE)));
  }
}
