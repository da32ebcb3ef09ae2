package org.ropebridge.sql;

import java.util.Optional;
import org.ropebridge.model.Metric;

/**
 * A column of an answer.
 *
 * @param name heading, and the column's name in the SQL
 * @param kind what the values are
 * @param unit unit of a number, or empty
 * @param shownAs how a number is written
 */
public record OutputColumn(String name, Kind kind, Optional<String> unit, Metric.ShownAs shownAs) {
  /** What the values of a column are. */
  public enum Kind {
    CATEGORY,
    NUMBER,
    DATE,
    YEAR,
    BUSINESS_YEAR,
    QUARTER,
    MONTH,
    WEEK,
    DAY,
    MONTH_OF_YEAR,
    DAY_OF_WEEK,
    HOUR_OF_DAY,
    RANGE,
    YES_NO;

    /** Whether values lie along time in order. */
    public boolean isStretchOfTime() {
      return ordinal() >= DATE.ordinal() && ordinal() <= DAY.ordinal();
    }
  }

  public boolean isNumber() {
    return kind == Kind.NUMBER;
  }
}
