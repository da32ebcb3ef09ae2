package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how has revenue changed over time" [changed over time] -> a breakdown by month, unless a span of
 * time is named
 */
final class ChangedOverTimeRule extends Rule {
  ChangedOverTimeRule() {
    super(Slot.word(Role.CHANGED_OVER_TIME));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.OverTime());
  }
}
