package org.ropebridge.steering;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.plan.TimeUnit;

/** How a single number came about over time. */
public final class Trend {
  private static final int MONTHS = 12;
  private static final int DAYS_OF_A_YEAR = 366;

  private final Parts parts;
  private final Restatement restatement;
  private final PeriodResolver periods;

  Trend(Parts parts, Restatement restatement, PeriodResolver periods) {
    this.parts = parts;
    this.restatement = restatement;
    this.periods = periods;
  }

  /**
   * The question for the same number by month over the twelve months that end with its period (or
   * with today, whichever comes first), or by year where the period is longer than a year or there
   * is none; empty for anything else than a single number of something that has a date.
   */
  public Optional<String> of(Plan plan) {
    boolean isNumber =
        plan.listing().isEmpty()
            && plan.claim().isEmpty()
            && plan.measures().size() == 1
            && plan.groupings().isEmpty()
            && plan.keeps().isEmpty()
            && plan.ranking().isEmpty();
    if (!isNumber) {
      return Optional.empty();
    }
    List<Filter.InPeriod> times =
        plan.filters().stream()
            .filter(Filter.InPeriod.class::isInstance)
            .map(Filter.InPeriod.class::cast)
            .toList();
    if (times.size() > 1 || times.stream().anyMatch(Filter.InPeriod::negated)) {
      return Optional.empty();
    }
    return times.stream().findFirst().flatMap(t -> months(plan, t)).or(() -> years(plan));
  }

  private Optional<String> months(Plan plan, Filter.InPeriod time) {
    DayRange days = periods.resolve(time.period());
    if (days.first().isEmpty() || days.last().isEmpty()) {
      return Optional.empty();
    }
    LocalDate last = days.last().get();
    if (ChronoUnit.DAYS.between(days.first().get(), last) >= DAYS_OF_A_YEAR) {
      return Optional.empty();
    }
    LocalDate end = last.isAfter(periods.today()) ? periods.today() : last;
    LocalDate first = end.withDayOfMonth(1).minusMonths(MONTHS - 1L);
    List<Filter> filters = new ArrayList<>();
    for (Filter filter : plan.filters()) {
      filters.add(
          filter.equals(time)
              ? new Filter.InPeriod(
                  new Period.Range(Optional.of(first), Optional.of(end)), time.date(), false)
              : filter);
    }
    return said(plan.withFilters(filters), TimeUnit.MONTH);
  }

  private Optional<String> years(Plan plan) {
    return said(plan, TimeUnit.YEAR);
  }

  private Optional<String> said(Plan plan, TimeUnit unit) {
    Plan trend =
        plan.withPicture(Optional.empty())
            .withGroupings(List.of(new Grouping.ByTime(unit, Optional.empty())));
    return parts.isSound(trend) ? Optional.of(restatement.of(trend)) : Optional.empty();
  }
}
