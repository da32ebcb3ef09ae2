package org.ropebridge.reading.rule;

import java.time.DayOfWeek;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "weekends versus weekdays" [weekdays] [noun] [versus] [weekdays] -> both beside each other */
final class OpposedDaysRule extends Rule {
  OpposedDaysRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Weekdays.class),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.VERSUS),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Weekdays.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Set<DayOfWeek> first = match.get(1, Phrase.Weekdays.class).days();
    Set<DayOfWeek> second = match.get(5, Phrase.Weekdays.class).days();
    // "weekend callouts versus weekday callouts": the noun is counted where it stands last.
    if (!first.equals(second)) {
      out.accept(
          new Contribution.OpposedFilters(
              Filter.Recurring.on(first, false), Filter.Recurring.on(second, false)));
    }
  }
}
