package org.ropebridge.plan;

import java.util.Optional;

/** Spans of time that rows are grouped by. */
public enum TimeUnit {
  YEAR,
  BUSINESS_YEAR,
  QUARTER,
  MONTH,
  WEEK,
  DAY,
  MONTH_OF_YEAR,
  DAY_OF_WEEK,
  HOUR_OF_DAY;

  /** Whether it names a stretch of the calendar, and not a part that comes back. */
  public boolean isStretch() {
    return ordinal() <= DAY.ordinal();
  }

  /** The unit as periods are made of it; empty for parts that come back. */
  public Optional<Period.Unit> period() {
    return isStretch() ? Optional.of(Period.Unit.valueOf(name())) : Optional.empty();
  }
}
