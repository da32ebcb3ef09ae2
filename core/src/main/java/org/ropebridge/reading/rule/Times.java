package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
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

  static int dayNumber(Part part) {
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

  /** Whether a year can be said of it that it lacks: "May", "this month". */
  static boolean isWithoutYear(Phrase.Time time) {
    return !time.yearSaid() && !(time.period() instanceof Period.Range)
        || time.period() instanceof Period.Relative relative
            && relative.equals(Period.Relative.current(relative.unit()))
            && relative.unit() != Period.Unit.YEAR
            && relative.unit() != Period.Unit.BUSINESS_YEAR;
  }

  /** Whether it is one calendar year: "2025", "last year". */
  static boolean isOneYear(Phrase.Time time) {
    return isYear(time) || isThisOrLastYear(time);
  }

  /** The year in which it begins. */
  static int startYear(Phrase.Time time, Scope scope) {
    return scope.periods().resolve(time.period()).first().orElseThrow().getYear();
  }

  /** The same time of the year; empty when that year has none such. */
  static Optional<Phrase.Time> inYear(Phrase.Time time, int year, Scope scope) {
    Period period = time.period();
    if (period instanceof Period.Relative relative && relative.unit() == Period.Unit.WEEK) {
      LocalDate then = scope.today().minusWeeks(52L * (scope.today().getYear() - year));
      return Optional.of(said(Period.Unit.WEEK, scope.periods().start(Period.Unit.WEEK, then)));
    } else if (period instanceof Period.Relative relative) {
      period =
          new Period.Span(relative.unit(), scope.periods().start(relative.unit(), scope.today()));
    }
    Period moved;
    if (period instanceof Period.Span span) {
      LocalDate first = span.first().withYear(year);
      boolean none = first.getDayOfMonth() != span.first().getDayOfMonth();
      if (none || span.unit() == Period.Unit.WEEK) {
        return Optional.empty();
      }
      moved = new Period.Span(span.unit(), first);
    } else if (period instanceof Period.InSeason season) {
      moved = new Period.InSeason(season.season(), year);
    } else if (period instanceof Period.During during) {
      moved = new Period.During(during.occasion(), year);
    } else {
      return Optional.empty();
    }
    return exists(moved, scope) ? Optional.of(new Phrase.Time(moved, true)) : Optional.empty();
  }

  /** Whether it is a time with both ends, or the unit of one: "the year". */
  static boolean isTimeOrUnit(Part part) {
    return part instanceof Phrase.Time
        || part instanceof Meaning.TimeUnitWord unit && !unit.adverb() && unit.period().isPresent();
  }

  /** The time; of a unit longer than the other, the one that holds today. */
  static Optional<Phrase.Time> timeOrUnit(Part part, Period.Unit longerThan, Scope scope) {
    if (part instanceof Phrase.Time time) {
      return Optional.of(time);
    }
    Period.Unit unit = ((Meaning.TimeUnitWord) part).period().orElseThrow();
    return unit.compareTo(longerThan) < 0
        ? Optional.of(new Phrase.Time(Period.Relative.current(unit), true))
        : Optional.empty();
  }

  /** The days from the first up to the end, as one unit of the calendar where they are one. */
  static Period stretch(LocalDate first, LocalDate end, Scope scope) {
    for (Period.Unit unit :
        List.of(
            Period.Unit.YEAR,
            Period.Unit.HALF,
            Period.Unit.QUARTER,
            Period.Unit.MONTH,
            Period.Unit.DAY)) {
      Period span = new Period.Span(unit, first);
      if (scope.periods().resolve(span).equals(DayRange.of(first, end))) {
        return span;
      }
    }
    return new Period.Range(Optional.of(first), Optional.of(end.minusDays(1)));
  }

  /**
   * From the beginning of the one time to the end of the other; a time without a year is in that of
   * the other, or before. Empty when the other ends before.
   */
  static Optional<Phrase.Time> fromTo(Phrase.Time from, Phrase.Time to, Scope scope) {
    DayRange fromDays = scope.periods().resolve(from.period());
    DayRange toDays = scope.periods().resolve(to.period());
    if (fromDays.first().isEmpty() || toDays.last().isEmpty()) {
      return Optional.empty();
    }
    LocalDate first = fromDays.first().get();
    LocalDate last = toDays.last().get();
    if (!from.yearSaid()) {
      first = first.withYear(last.getYear());
      if (first.isAfter(last)) {
        first = first.minusYears(1);
      }
    }
    return first.isAfter(last)
        ? Optional.empty()
        : Optional.of(
            new Phrase.Time(
                new Period.Range(Optional.of(first), Optional.of(last)), to.yearSaid()));
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

  /** The number in the slot, 0 for one that counts nothing; the other where none was said. */
  static int count(Match match, int slot, int otherwise) {
    return match
        .find(slot, Meaning.NumberWord.class)
        .map(n -> smallWhole(n.number()))
        .orElse(otherwise);
  }

  /** Whether it says which one of several: "first", "third", "last". */
  static boolean isPlace(Part part) {
    return part instanceof Meaning.OrdinalWord || part.equals(new Meaning.FunctionWord(Role.LAST));
  }

  /**
   * The part of a year that begins in the month: of the year in the slot, or else the newest one
   * that has begun.
   */
  static Phrase.Time partOfYear(Period.Unit unit, int month, Match match, int slot, Scope scope) {
    Optional<Integer> said = match.find(slot, Phrase.Time.class).map(Times::year);
    LocalDate first = LocalDate.of(said.orElse(scope.today().getYear()), month, 1);
    boolean ahead = said.isEmpty() && first.isAfter(scope.today());
    return new Phrase.Time(
        new Period.Span(unit, ahead ? first.minusYears(1) : first), said.isPresent());
  }

  /**
   * The time that is said after another, in the year of that where it lacks one, or the next; of a
   * year by itself the same part as the other is of its own: "May 2024 and 2025".
   */
  static Phrase.Time after(Phrase.Time later, Phrase.Time earlier, Scope scope) {
    if (!earlier.yearSaid() || isOneYear(earlier)) {
      return later;
    }
    if (isYear(later)) {
      return inYear(earlier, year(later), scope).orElse(later);
    }
    if (later.yearSaid()) {
      return later;
    }
    Optional<LocalDate> start = scope.periods().resolve(earlier.period()).first();
    return start
        .flatMap(s -> inYear(later, s.getYear(), scope))
        .flatMap(
            t ->
                scope.periods().resolve(t.period()).first().get().isBefore(start.get())
                    ? inYear(later, start.get().getYear() + 1, scope)
                    : Optional.of(t))
        .orElse(later);
  }

  /**
   * The time before another in a list, with the year of that: the year before where that is nearer,
   * as of December and January.
   */
  static Phrase.Time inListWith(Phrase.Time one, Phrase.Time other, Scope scope) {
    if (!one.yearSaid() && one.period() instanceof Period.InSeason) {
      return inYear(one, startYear(other, scope), scope).orElse(one);
    }
    Phrase.Time before = withYearOf(one, other, scope);
    Optional<LocalDate> first = scope.periods().resolve(before.period()).first();
    Optional<LocalDate> second = scope.periods().resolve(other.period()).first();
    boolean far =
        !one.yearSaid()
            && first.isPresent()
            && second.isPresent()
            && first.get().plusMonths(6).isBefore(second.get());
    return far ? inYear(one, second.get().getYear(), scope).orElse(before) : before;
  }

  /** Both as one stretch, where the first begins as the second ends. */
  static Optional<Phrase.Time> adjoining(Phrase.Time later, Phrase.Time earlier, Scope scope) {
    DayRange end = scope.periods().resolve(later.period());
    DayRange start = scope.periods().resolve(earlier.period());
    boolean adjoin =
        start.first().isPresent()
            && end.last().isPresent()
            && start.end().isPresent()
            && start.end().equals(end.first());
    return adjoin
        ? Optional.of(
            new Phrase.Time(
                new Period.Range(start.first(), end.last()),
                later.yearSaid() || earlier.yearSaid()))
        : Optional.empty();
  }

  /** The time and the others, where some time lies between and none overlap. */
  static Optional<Phrase.TimesApart> apart(Phrase.Time one, List<DayRange> others, Scope scope) {
    List<DayRange> all = new ArrayList<>(others);
    all.add(scope.periods().resolve(one.period()));
    if (all.stream().anyMatch(d -> d.first().isEmpty() || d.end().isEmpty())) {
      return Optional.empty();
    }
    all.sort(Comparator.comparing(d -> d.first().orElseThrow()));
    boolean gap = false;
    for (int i = 1; i < all.size(); i++) {
      LocalDate end = all.get(i - 1).end().orElseThrow();
      LocalDate start = all.get(i).first().orElseThrow();
      if (start.isBefore(end)) {
        return Optional.empty();
      }
      gap |= start.isAfter(end);
    }
    return gap ? Optional.of(new Phrase.TimesApart(all)) : Optional.empty();
  }

  /** The earlier of two times; without a year of its own it is in that of the later, or before. */
  static Phrase.Time withYearOf(Phrase.Time earlier, Phrase.Time later, Scope scope) {
    if (earlier.yearSaid()) {
      return earlier;
    }
    Optional<LocalDate> laterDay = scope.periods().resolve(later.period()).first();
    if (laterDay.isEmpty()) {
      return earlier;
    }
    if (earlier.period() instanceof Period.Range range
        && range.first().isPresent()
        && range.last().isPresent()) {
      int years = laterDay.get().getYear() - range.last().get().getYear();
      return new Phrase.Time(
          new Period.Range(
              range.first().map(d -> d.plusYears(years)),
              range.last().map(d -> d.plusYears(years))),
          true);
    } else if (!(earlier.period() instanceof Period.Span)) {
      return earlier;
    }
    Period.Span span = (Period.Span) earlier.period();
    LocalDate first = span.first().withYear(laterDay.get().getYear());
    return said(span.unit(), first.isAfter(laterDay.get()) ? first.minusYears(1) : first);
  }
}
