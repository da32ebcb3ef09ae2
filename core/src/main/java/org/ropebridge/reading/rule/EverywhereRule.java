package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "and everywhere" [everywhere] -> no place limits it */
final class EverywhereRule extends Rule {
  EverywhereRule() {
    super(Slot.word(Role.EVERYWHERE));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Everywhere());
  }
}
