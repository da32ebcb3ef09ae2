package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "the month in 2025 with the highest occupancy" [something to group by] [filter] [with]
 * [superlative] [measure] -> a ranking of those groups, of what the filter keeps
 */
final class GroupInTimeWithMostRule extends Rule {
  GroupInTimeWithMostRule() {
    super(
        Slot.a(Phrase.Groupable.class),
        Slot.a(Contribution.Narrowing.class, n -> n.filter() instanceof Filter.InPeriod),
        Slot.word(Role.PREPOSITION, Role.HAVE),
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int count = match.isPlural(0) ? Contribution.Ranked.SEVERAL : 1;
    Rankings.atEnd(match, count, 0, 3, 4, scope)
        .map(
            ranked ->
                new Contribution.Together(
                    List.of(ranked, match.get(1, Contribution.Narrowing.class))))
        .ifPresent(out);
  }
}
