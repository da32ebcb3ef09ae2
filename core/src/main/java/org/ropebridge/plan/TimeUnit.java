package org.ropebridge.plan;

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
}
