package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "drill into Ossel" [drill into] -> keeps to what is named, one step down */
final class DrillRule extends Rule {
  DrillRule() {
    super(Slot.word(Role.DRILL));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Drill());
  }
}
