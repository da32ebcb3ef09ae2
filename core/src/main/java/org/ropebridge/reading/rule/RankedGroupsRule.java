package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;

/**
 * "top 5 huts", "best hut", "worst 3 months" [head of a ranking] [something to group by] -> a
 * ranking of those groups
 */
final class RankedGroupsRule extends Rule {
  RankedGroupsRule() {
    super(Slot.a(Phrase.RankHead.class), Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.RankHead head = match.get(0, Phrase.RankHead.class);
    Grouping grouping = match.get(1, Phrase.Groupable.class).grouping();
    if (head.direction().isOfTime() && hasSpeed(grouping, scope)) {
      return;
    }
    int count = head.count().orElse(match.isPlural(1) ? Contribution.Ranked.SEVERAL : 1);
    out.accept(
        new Contribution.Ranked(head.direction(), count, Optional.of(grouping), Optional.empty()));
  }

  /** "fastest vessel": of what has a speed that is what is asked for, and not a metric. */
  private static boolean hasSpeed(Grouping grouping, Scope scope) {
    return grouping instanceof Grouping.ByColumn by
        && !scope.measuredBy(by.column().table(), "speed").isEmpty();
  }
}
