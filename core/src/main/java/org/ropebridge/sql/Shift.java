package org.ropebridge.sql;

import java.util.Optional;
import org.ropebridge.plan.Back;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;

/**
 * Another time at which the same is computed.
 *
 * @param back how far back it lies; empty for a period of its own
 * @param other the period of its own
 */
record Shift(Optional<Back> back, Optional<Period> other) {
  static final Shift NONE = new Shift(Optional.empty(), Optional.empty());

  static Shift of(Measure.Earlier earlier, Plan plan, PeriodResolver periods) {
    return earlier instanceof Measure.Other o
        ? new Shift(Optional.empty(), Optional.of(o.period()))
        : new Shift(Back.of(earlier, plan, periods), Optional.empty());
  }

  boolean isNone() {
    return equals(NONE);
  }

  /** The days that a filter by period means at that time. */
  DayRange days(Filter.InPeriod filter, PeriodResolver periods) {
    if (other.isPresent() && filter.date().isEmpty() && !filter.negated()) {
      return periods.resolve(other.get());
    }
    DayRange days = periods.resolve(filter.period());
    return back.map(b -> b.of(days)).orElse(days);
  }
}
