package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.TimeUnit;

/** "over time", "trend" [over time] -> a breakdown by month */
final class OverTimeRule extends Rule {
  OverTimeRule() {
    super(Slot.word(Role.OVER_TIME));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Groupings(List.of(new Grouping.ByTime(TimeUnit.MONTH, Optional.empty()))));
  }
}
