package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/**
 * "since 2023", "before June", "until May", "after 12 May 2025" [since] [time] -> an open stretch
 * before, from or after the time
 */
final class OpenRangeRule extends Rule {
  OpenRangeRule() {
    super(Slot.word(Role.SINCE, Role.BEFORE, Role.UNTIL, Role.AFTER), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time time = match.get(1, Phrase.Time.class);
    if (time.period() instanceof Period.Range range && range.first().isPresent()) {
      return;
    }
    DayRange days = scope.periods().resolve(time.period());
    if (days.first().isEmpty() || days.end().isEmpty()) {
      return;
    }
    Optional<LocalDate> none = Optional.empty();
    Period.Range range;
    if (match.isWord(0, Role.SINCE)) {
      range = new Period.Range(days.first(), none);
    } else if (match.isWord(0, Role.AFTER)) {
      range = new Period.Range(days.end(), none);
    } else if (match.isWord(0, Role.BEFORE)) {
      range = new Period.Range(none, days.first().map(d -> d.minusDays(1)));
    } else {
      range = new Period.Range(none, days.last());
    }
    out.accept(new Phrase.Time(range, time.yearSaid()));
  }
}
