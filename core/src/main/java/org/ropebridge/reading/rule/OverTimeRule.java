package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "over time", "trend" [over time] -> a breakdown by month, unless a span of time is named */
final class OverTimeRule extends Rule {
  OverTimeRule() {
    super(Slot.word(Role.OVER_TIME));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.OverTime());
  }
}
