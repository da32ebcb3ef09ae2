package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "members who have not stayed for more than a year" [noun] [not] [rows that point at it] [for]
 * [comparison] [number] [unit of time] -> those with no such rows since that day
 */
final class NotForSoLongRule extends Rule {
  NotForSoLongRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.NONE, Role.NOT),
        Slot.a(Part.class, Relations::mayName),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ComparisonWord.class).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, OlderThanRule::isCounted));
  }

  @Override
  public double bonus() {
    return 2.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String who = match.get(0, Meaning.RowNoun.class).table();
    Optional<String> rows = Relations.rowsNamed(match, 3, scope);
    boolean atLeast =
        match
            .find(5, Meaning.ComparisonWord.class)
            .map(Meaning.ComparisonWord::comparison)
            .map(c -> c == Filter.Comparison.MORE_THAN || c == Filter.Comparison.AT_LEAST)
            .orElse(true);
    if (rows.filter(t -> Scope.pointsAt(t, who, scope)).isPresent() && atLeast) {
      LongAgoRule.began(
              Filter.Comparison.AT_MOST,
              Times.count(match, 6, 1),
              match.get(7, Meaning.TimeUnitWord.class),
              scope)
          .map(since -> new Filter.InPeriod(since, Optional.empty(), false))
          .map(since -> new Filter.Having(who, rows.get(), Optional.empty(), List.of(since), true))
          .ifPresent(none -> out.accept(new Contribution.NounWith(who, none)));
    }
  }
}
