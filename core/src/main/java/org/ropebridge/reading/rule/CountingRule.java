package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how many cancelled stays", "number of adult members" [how many] -> counts the noun that comes
 * later
 */
final class CountingRule extends Rule {
  CountingRule() {
    super(Slot.word(Role.COUNT));
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Counting());
  }
}
