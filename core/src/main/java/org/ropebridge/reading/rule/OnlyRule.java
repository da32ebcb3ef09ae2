package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "only callouts" [only] -> keeps to what is named, where no other rule ties the word */
final class OnlyRule extends Rule {
  OnlyRule() {
    super(Slot.word(Role.ONLY));
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Only());
  }
}
