package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "3-10 May 2026", "from 3 to 10 May" [from] [day] [to, or a dash] [day of a month] -> from the one
 * day of the month to the other
 */
final class DaysOfMonthRule extends Rule {
  DaysOfMonthRule() {
    super(
        Slot.word(Role.BETWEEN, Role.FROM, Role.SINCE).maybe(),
        Slot.a(Part.class, Times::isDayNumber),
        Slot.word(Role.TO, Role.TILL).maybe(),
        Slot.a(Phrase.Time.class, Times::isDay));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean to = match.has(0) ? match.has(2) : match.isWord(2, Role.TILL);
    if (!to && !match.isDashed(3)) {
      return;
    }
    Phrase.Time last = match.get(3, Phrase.Time.class);
    LocalDate day = ((Period.Span) last.period()).first();
    int first = Times.dayNumber(match.get(1, Part.class));
    if (first < day.getDayOfMonth()) {
      out.accept(
          new Phrase.Time(
              Times.stretch(day.withDayOfMonth(first), day.plusDays(1), scope), last.yearSaid()));
    }
  }
}
