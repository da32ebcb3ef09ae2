package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "show all" [all rows] -> rows are no longer cut */
final class EveryRowRule extends Rule {
  EveryRowRule() {
    super(Slot.word(Role.EVERY_ROW));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.EveryRow());
  }
}
