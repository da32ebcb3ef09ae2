package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "this year vs last" [versus] [last] -> as long a time right before */
final class VersusLastRule extends Rule {
  VersusLastRule() {
    super(Slot.word(Role.VERSUS), Slot.word(Role.LAST));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Versus(new Measure.SpanBefore()));
  }
}
