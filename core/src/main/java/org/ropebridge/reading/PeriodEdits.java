package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.function.UnaryOperator;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Scope;

/** Changes the times that a plan keeps to. */
final class PeriodEdits {
  private final Scope scope;

  PeriodEdits(Scope scope) {
    this.scope = scope;
  }

  /** Times become all of the unit that they begin in. */
  Plan inWhole(Plan plan, Period.Unit unit) {
    return withPeriods(
        plan, p -> scope.periods().resolve(p).first().map(day -> spanWith(day, unit)).orElse(p));
  }

  /** Times that are fixed become the unit that begins when they are over. */
  Plan after(Plan plan, Period.Unit unit) {
    return withPeriods(
        plan,
        p ->
            p instanceof Period.Span
                ? scope
                    .periods()
                    .resolve(p)
                    .last()
                    .map(last -> spanWith(last.plusDays(1), unit))
                    .orElse(p)
                : p);
  }

  /**
   * Times become as much earlier as a unit is long: of the same unit the one before, of a smaller
   * one the same part of the unit before.
   */
  Plan before(Plan plan, Period.Unit unit) {
    return withPeriods(plan, p -> before(p, unit));
  }

  private Period before(Period period, Period.Unit unit) {
    DayRange days = scope.periods().resolve(period);
    if (days.first().isEmpty() || days.last().isEmpty()) {
      return period;
    }
    LocalDate first = days.first().get();
    LocalDate start = scope.periods().start(unit, first);
    boolean longer = scope.periods().start(unit, days.last().get()).isAfter(start);
    if (longer) {
      return period;
    }
    LocalDate earlier = scope.periods().start(unit, start.minusDays(1));
    if (start.equals(first) && isWhole(period, unit)) {
      return new Period.Span(unit, earlier);
    }
    return unit == Period.Unit.YEAR
        ? PlanEdit.inYear(period, first.getYear() - 1).orElse(period)
        : period;
  }

  /** Whether the period is one of the unit, as far as it may have gone by. */
  private boolean isWhole(Period period, Period.Unit unit) {
    return period instanceof Period.Span span && span.unit() == unit
        || period instanceof Period.Relative relative && relative.unit() == unit;
  }

  private Period spanWith(LocalDate day, Period.Unit unit) {
    return new Period.Span(unit, scope.periods().start(unit, day));
  }

  /** The plan with other periods in the place of those that keep rows. */
  private static Plan withPeriods(Plan plan, UnaryOperator<Period> other) {
    return plan.withFilters(
        plan.filters().stream()
            .map(
                f ->
                    f instanceof Filter.InPeriod in && !in.negated()
                        ? new Filter.InPeriod(other.apply(in.period()), in.date(), false)
                        : f)
            .toList());
  }
}
