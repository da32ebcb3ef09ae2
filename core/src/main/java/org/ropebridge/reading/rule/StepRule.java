package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "more detail", "roll it up" [finer or coarser] -> groups or times one step down or up */
final class StepRule extends Rule {
  StepRule() {
    super(Slot.word(Role.FINER, Role.COARSER));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Step(match.isWord(0, Role.FINER)));
  }
}
