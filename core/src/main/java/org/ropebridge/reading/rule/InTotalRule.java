package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "just the total", "how much is that in total" [in total] -> one number for all groups */
final class InTotalRule extends Rule {
  InTotalRule() {
    super(Slot.word(Role.ONLY).maybe(), Slot.word(Role.THOSE).maybe(), Slot.word(Role.IN_TOTAL));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.InTotal());
  }
}
