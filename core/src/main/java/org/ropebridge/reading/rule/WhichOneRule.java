package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "of the huts in Ossel, which one has the most beds" [which one] -> those that were named before
 * are what is asked for
 */
final class WhichOneRule extends Rule {
  WhichOneRule() {
    super(Slot.word(Role.WHICH_ONE));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.SubjectBefore());
  }
}
