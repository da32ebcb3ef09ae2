package org.ropebridge.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * How far back an earlier time lies.
 *
 * @param count how many units, at least 1
 * @param unit of the calendar; a business year is as long as a year
 */
public record Back(int count, Period.Unit unit) {
  private static final int WEEKS_OF_A_YEAR = 52;

  /** How far back the earlier time of a measure lies for a plan; empty for a period of its own. */
  public static Optional<Back> of(Measure.Earlier earlier, Plan plan, PeriodResolver periods) {
    List<Grouping.ByTime> stretches = Grouping.stretches(plan.groupings());
    if (earlier instanceof Measure.UnitBefore before) {
      boolean byWeek = stretches.stream().anyMatch(s -> s.unit() == TimeUnit.WEEK);
      boolean year =
          before.unit() == Period.Unit.YEAR || before.unit() == Period.Unit.BUSINESS_YEAR;
      return Optional.of(
          byWeek && year
              ? new Back(WEEKS_OF_A_YEAR, Period.Unit.WEEK)
              : new Back(1, before.unit()));
    } else if (earlier instanceof Measure.Other) {
      return Optional.empty();
    }
    if (!stretches.isEmpty()) {
      return Optional.of(new Back(1, stretches.get(0).unit().period().orElseThrow()));
    }
    return plan.filters().stream()
        .filter(f -> f instanceof Filter.InPeriod in && !in.negated())
        .map(f -> length(((Filter.InPeriod) f).period(), periods))
        .findFirst();
  }

  private static Back length(Period period, PeriodResolver periods) {
    if (period instanceof Period.Span span) {
      return new Back(1, span.unit());
    } else if (period instanceof Period.Relative relative) {
      return new Back(relative.to() - relative.from() + 1, relative.unit());
    } else if (period instanceof Period.ToDate toDate) {
      return new Back(1, toDate.unit());
    } else if (period instanceof Period.Range) {
      DayRange days = periods.resolve(period);
      LocalDate first = days.first().orElseThrow();
      LocalDate end = days.end().orElseThrow();
      return first.getDayOfMonth() == 1 && end.getDayOfMonth() == 1
          ? new Back((int) ChronoUnit.MONTHS.between(first, end), Period.Unit.MONTH)
          : new Back((int) ChronoUnit.DAYS.between(first, end), Period.Unit.DAY);
    }
    return new Back(1, Period.Unit.YEAR);
  }

  /** How many of {@link #step} it is. */
  public int steps() {
    return switch (unit) {
      case HALF -> count * 6;
      case QUARTER -> count * 3;
      default -> count;
    };
  }

  /** The step of java.time that it is counted in. */
  public ChronoUnit step() {
    return switch (unit) {
      case YEAR, BUSINESS_YEAR -> ChronoUnit.YEARS;
      case HALF, QUARTER, MONTH -> ChronoUnit.MONTHS;
      case WEEK -> ChronoUnit.WEEKS;
      case DAY -> ChronoUnit.DAYS;
    };
  }

  /** The same days so far back. */
  public DayRange of(DayRange days) {
    return new DayRange(
        days.first().map(d -> d.minus(steps(), step())),
        days.end().map(d -> d.minus(steps(), step())));
  }
}
