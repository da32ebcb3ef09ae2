package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.TimeUnit;

/** "when did we have the most callouts" [when] -> the months that are ranked */
final class WhenRule extends Rule {
  WhenRule() {
    super(Slot.word(Role.WHEN));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Subject(new Grouping.ByTime(TimeUnit.MONTH, Optional.empty()), false));
  }
}
