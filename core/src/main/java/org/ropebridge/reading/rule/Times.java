package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;

/** What the rules of time share. */
final class Times {
  private static final int MOST_UNITS = 10_000;

  private Times() {}

  static Phrase.Time said(Period.Unit unit, LocalDate first) {
    return new Phrase.Time(new Period.Span(unit, first), true);
  }

  static boolean isYear(Phrase.Time time) {
    return time.period() instanceof Period.Span span && span.unit() == Period.Unit.YEAR;
  }

  static boolean isDay(Phrase.Time time) {
    return time.period() instanceof Period.Span span && span.unit() == Period.Unit.DAY;
  }

  static boolean isThisOrLastYear(Phrase.Time time) {
    return time.period() instanceof Period.Relative relative
        && relative.unit() == Period.Unit.YEAR
        && relative.from() == relative.to();
  }

  static int year(Phrase.Time time) {
    return ((Period.Span) time.period()).first().getYear();
  }

  static boolean isDayNumber(Part part) {
    return dayNumber(part) >= 1 && dayNumber(part) <= 31;
  }

  private static int dayNumber(Part part) {
    if (part instanceof Meaning.OrdinalWord ordinal) {
      return ordinal.number();
    }
    return part instanceof Meaning.NumberWord number ? smallWhole(number.number()) : 0;
  }

  /** The day, when the calendar has it; without a year the newest one not after today. */
  static Optional<Phrase.Time> day(Part day, Month month, Optional<Phrase.Time> year, Scope scope) {
    try {
      if (year.isPresent()) {
        LocalDate date = LocalDate.of(year(year.get()), month, dayNumber(day));
        return Optional.of(said(Period.Unit.DAY, date));
      }
      LocalDate newest = LocalDate.of(scope.today().getYear(), month, dayNumber(day));
      LocalDate date = newest.isAfter(scope.today()) ? newest.minusYears(1) : newest;
      return Optional.of(new Phrase.Time(new Period.Span(Period.Unit.DAY, date), false));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  static boolean exists(Period period, Scope scope) {
    try {
      scope.periods().resolve(period);
      return true;
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  /** The number when it is whole and small enough to count units with, otherwise 0. */
  static int smallWhole(BigDecimal number) {
    boolean whole = number.stripTrailingZeros().scale() <= 0;
    return whole && number.signum() > 0 && number.compareTo(BigDecimal.valueOf(MOST_UNITS)) <= 0
        ? number.intValue()
        : 0;
  }

  /** The earlier of two times; without a year of its own it is in that of the later, or before. */
  static Phrase.Time withYearOf(Phrase.Time earlier, Phrase.Time later, Scope scope) {
    if (earlier.yearSaid() || !(earlier.period() instanceof Period.Span span)) {
      return earlier;
    }
    Optional<LocalDate> laterDay = scope.periods().resolve(later.period()).first();
    if (laterDay.isEmpty()) {
      return earlier;
    }
    LocalDate first = span.first().withYear(laterDay.get().getYear());
    return said(span.unit(), first.isAfter(laterDay.get()) ? first.minusYears(1) : first);
  }
}
