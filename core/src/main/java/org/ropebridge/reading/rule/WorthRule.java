package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "and how much is that" [how much that is] -> the only amount of money of rows that were counted
 */
final class WorthRule extends Rule {
  WorthRule() {
    super(Slot.word(Role.HOW_MUCH_THAT));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Worth());
  }
}
