package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "what about Brannick", "by hut instead" [swap] -> what is named takes the place of its like */
final class SwappingRule extends Rule {
  SwappingRule() {
    super(Slot.word(Role.SWAP));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Swapping());
  }
}
