package org.ropebridge.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.model.BusinessCalendar.Season;
import org.ropebridge.model.Model;
import org.ropebridge.model.Occasion;

/** Turns periods into days by a model's calendar. */
public final class PeriodResolver {
  private final BusinessCalendar calendar;
  private final List<Occasion> occasions;
  private final LocalDate today;

  /**
   * Makes a resolver.
   *
   * @param today the day that relative periods count from
   */
  public PeriodResolver(Model model, LocalDate today) {
    this.calendar = model.calendar();
    this.occasions = model.occasions();
    this.today = today;
  }

  public LocalDate today() {
    return today;
  }

  /**
   * The days of the period.
   *
   * @throws IllegalArgumentException if it names a season or occasion that the model lacks
   */
  public DayRange resolve(Period period) {
    if (period instanceof Period.Span span) {
      return units(span.unit(), span.first(), 0, 0);
    } else if (period instanceof Period.Relative relative) {
      return units(relative.unit(), today, relative.from(), relative.to());
    } else if (period instanceof Period.ToDate toDate) {
      return DayRange.of(start(toDate.unit(), today), today.plusDays(1));
    } else if (period instanceof Period.Range range) {
      return new DayRange(range.first(), range.last().map(d -> d.plusDays(1)));
    } else if (period instanceof Period.InSeason season) {
      return season(season.season(), season.year());
    } else {
      Period.During during = (Period.During) period;
      return occasion(during.occasion(), during.year());
    }
  }

  private DayRange units(Unit unit, LocalDate anchor, int from, int to) {
    LocalDate first = start(unit, anchor);
    return DayRange.of(plus(unit, first, from), plus(unit, first, to + 1));
  }

  private DayRange units(Period.Unit unit, LocalDate anchor, int from, int to) {
    return units(Unit.of(unit), anchor, from, to);
  }

  /** First day of the unit that holds the day. */
  public LocalDate start(Period.Unit unit, LocalDate day) {
    return start(Unit.of(unit), day);
  }

  private LocalDate start(Unit unit, LocalDate day) {
    return switch (unit.name) {
      case YEAR -> day.withDayOfYear(1);
      case BUSINESS_YEAR -> businessYearStart(day);
      case HALF -> day.withMonth(day.getMonthValue() <= 6 ? 1 : 7).withDayOfMonth(1);
      case QUARTER -> day.with(day.getMonth().firstMonthOfQuarter()).withDayOfMonth(1);
      case MONTH -> day.withDayOfMonth(1);
      case WEEK -> day.with(TemporalAdjusters.previousOrSame(calendar.weekStarts()));
      case DAY -> day;
    };
  }

  private static LocalDate plus(Unit unit, LocalDate day, int count) {
    return day.plus((long) count * unit.amount, unit.step);
  }

  private LocalDate businessYearStart(LocalDate day) {
    LocalDate start = LocalDate.of(day.getYear(), calendar.yearStarts(), 1);
    return start.isAfter(day) ? start.minusYears(1) : start;
  }

  /** The business year that ends in the given calendar year (or is it, when both coincide). */
  public LocalDate businessYear(int year) {
    int startYear = calendar.yearStarts() == Month.JANUARY ? year : year - 1;
    return LocalDate.of(startYear, calendar.yearStarts(), 1);
  }

  /** The calendar year by which the business year that begins on a day is called. */
  public int nameOfBusinessYear(LocalDate first) {
    return calendar.yearStarts() == Month.JANUARY ? first.getYear() : first.getYear() + 1;
  }

  private DayRange season(String name, int year) {
    Season season = calendar.seasons().get(name);
    if (season == null) {
      throw new IllegalArgumentException("no season " + name);
    }
    LocalDate first = LocalDate.of(year, season.first(), 1);
    LocalDate lastMonth =
        LocalDate.of(season.runsOverNewYear() ? year + 1 : year, season.last(), 1);
    return DayRange.of(first, lastMonth.plusMonths(1));
  }

  /** The newest year in which the season had begun by today. */
  public int latestSeason(String name) {
    int year = today.getYear();
    return season(name, year).first().orElseThrow().isAfter(today) ? year - 1 : year;
  }

  /** The newest year before this one in which the season began and is over: "last summer". */
  public int lastSeason(String name) {
    int year = today.getYear() - 1;
    return season(name, year).end().orElseThrow().isAfter(today) ? year - 1 : year;
  }

  /** The newest year in which the occasion had begun by today; empty when it never had. */
  public Optional<Integer> latestOccasion(String name) {
    return occasions.stream()
        .filter(o -> o.name().equals(name))
        .flatMap(
            o ->
                java.util.stream.IntStream.rangeClosed(o.first().getYear(), today.getYear())
                    .filter(y -> o.everyYear() || y == o.first().getYear())
                    .filter(y -> !o.first().withYear(y).isAfter(today))
                    .boxed())
        .max(Integer::compare);
  }

  private DayRange occasion(String name, int year) {
    return occasions.stream()
        .filter(o -> o.name().equals(name))
        .filter(o -> o.first().getYear() == year || o.everyYear() && o.first().getYear() < year)
        .findFirst()
        .map(
            o -> {
              long days = ChronoUnit.DAYS.between(o.first(), o.last());
              LocalDate first = o.first().withYear(year);
              return DayRange.of(first, first.plusDays(days + 1));
            })
        .orElseThrow(() -> new IllegalArgumentException("no " + name + " in " + year));
  }

  /** The newest day on that weekday before today. */
  public LocalDate last(DayOfWeek weekday) {
    return today.with(TemporalAdjusters.previous(weekday));
  }

  /** A unit as a number of steps of java.time. */
  private record Unit(Period.Unit name, int amount, ChronoUnit step) {
    static Unit of(Period.Unit unit) {
      return switch (unit) {
        case YEAR, BUSINESS_YEAR -> new Unit(unit, 1, ChronoUnit.YEARS);
        case HALF -> new Unit(unit, 6, ChronoUnit.MONTHS);
        case QUARTER -> new Unit(unit, 3, ChronoUnit.MONTHS);
        case MONTH -> new Unit(unit, 1, ChronoUnit.MONTHS);
        case WEEK -> new Unit(unit, 1, ChronoUnit.WEEKS);
        case DAY -> new Unit(unit, 1, ChronoUnit.DAYS);
      };
    }
  }
}
