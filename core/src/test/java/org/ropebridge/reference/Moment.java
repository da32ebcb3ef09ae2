package org.ropebridge.reference;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.chrono.ChronoLocalDate;
import java.util.Optional;
import org.ropebridge.plan.Back;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;

/**
 * When a measure is looked at: now, some time back, or in another period.
 *
 * @param back how far back
 * @param other the period in place of the plan's
 */
record Moment(Optional<Back> back, Optional<Period> other) {
  static final Moment NOW = new Moment(Optional.empty(), Optional.empty());

  static Moment of(Measure.Earlier earlier, Plan plan, PeriodResolver periods) {
    return earlier instanceof Measure.Other o
        ? new Moment(Optional.empty(), Optional.of(o.period()))
        : new Moment(Back.of(earlier, plan, periods), Optional.empty());
  }

  /** Whether a day or moment lies in the filter's period, as it is at this time. */
  boolean within(Object date, Filter.InPeriod filter, PeriodResolver periods) {
    if (date == null) {
      return false;
    }
    boolean replaced = other.isPresent() && filter.date().isEmpty() && !filter.negated();
    DayRange days = periods.resolve(replaced ? other.get() : filter.period());
    DayRange then = back.map(b -> b.of(days)).orElse(days);
    LocalDate day = day(date);
    return then.first().map(first -> !day.isBefore(first)).orElse(true)
        && then.end().map(day::isBefore).orElse(true);
  }

  /** The date as it is laid beside those of now. */
  Object laidOnNow(Object date) {
    if (back.isEmpty() || date == null) {
      return date;
    }
    Back by = back.get();
    return date instanceof LocalDateTime time
        ? time.plus(by.steps(), by.step())
        : ((LocalDate) date).plus(by.steps(), by.step());
  }

  static LocalDate day(Object date) {
    return date instanceof LocalDateTime time
        ? time.toLocalDate()
        : LocalDate.from((ChronoLocalDate) date);
  }
}
