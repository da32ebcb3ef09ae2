package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
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
        Slot.a(Meaning.RowNoun.class).maybe(),
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
    Optional<String> named = match.find(4, Meaning.RowNoun.class).map(Meaning.RowNoun::table);
    Optional<String> rows = named.or(() -> Relations.rowsNamed(match, 3, scope));
    Optional<ColumnRef> done =
        match
            .find(3, Meaning.ColumnName.class)
            .map(Meaning.ColumnName::column)
            .filter(c -> scope.isTemporal(c) && !scope.datesOf(c.table()).contains(c));
    boolean theirs = done.isEmpty() || rows.equals(done.map(ColumnRef::table));
    boolean atLeast =
        match
            .find(6, Meaning.ComparisonWord.class)
            .map(Meaning.ComparisonWord::comparison)
            .map(c -> c == Filter.Comparison.MORE_THAN || c == Filter.Comparison.AT_LEAST)
            .orElse(true);
    if (rows.filter(t -> scope.pointsAt(t, who)).isPresent() && theirs && atLeast) {
      LongAgoRule.began(
              Filter.Comparison.AT_MOST,
              Times.count(match, 7, 1),
              match.get(8, Meaning.TimeUnitWord.class),
              scope)
          .map(since -> new Filter.InPeriod(since, done, false))
          .map(since -> new Filter.Having(who, rows.get(), Optional.empty(), List.of(since), true))
          .ifPresent(none -> out.accept(new Contribution.NounWith(who, none)));
    }
  }
}
