package org.ropebridge.plan;

import java.time.LocalDate;
import java.util.Optional;

/** A stretch of time as people say it; {@link PeriodResolver} turns it into days. */
public sealed interface Period {

  /** Units of the calendar that a period can be made of. */
  enum Unit {
    YEAR,
    BUSINESS_YEAR,
    HALF,
    QUARTER,
    MONTH,
    WEEK,
    DAY
  }

  /**
   * One unit of the calendar, such as March 2026.
   *
   * @param first its first day
   */
  record Span(Unit unit, LocalDate first) implements Period {}

  /**
   * Units counted from the one that holds today, which is 0: this unit (0 to 0), the last (-1 to
   * -1), the one n units ago (-n to -n), the last n whole ones (-n to -1), the last n days up to
   * today (1-n to 0), or the next n (1 to n).
   */
  record Relative(Unit unit, int from, int to) implements Period {
    /** This year, this month. */
    public static Relative current(Unit unit) {
      return new Relative(unit, 0, 0);
    }

    /** Last year, last month; of days, yesterday. */
    public static Relative previous(Unit unit) {
      return new Relative(unit, -1, -1);
    }

    /** The unit that held this day n units ago. */
    public static Relative ago(int count, Unit unit) {
      return new Relative(unit, -count, -count);
    }

    /** The next n units, without the one that holds today. */
    public static Relative next(int count, Unit unit) {
      return new Relative(unit, 1, count);
    }

    /** The last n whole units; of days, the last n days with today. */
    public static Relative last(int count, Unit unit) {
      if (count == 1) {
        return previous(unit);
      }
      return unit == Unit.DAY ? new Relative(unit, 1 - count, 0) : new Relative(unit, -count, -1);
    }

    public Relative {
      boolean one = from == to && from <= 0;
      boolean several = to == (unit == Unit.DAY ? 0 : -1) && from < to;
      boolean next = from == 1 && to >= 1;
      if (!one && !several && !next) {
        throw new IllegalArgumentException("no period has units " + from + " to " + to);
      }
    }
  }

  /** From the beginning of the current unit to today. */
  record ToDate(Unit unit) implements Period {}

  /** From one day to another, both inclusive; at least one is given. */
  record Range(Optional<LocalDate> first, Optional<LocalDate> last) implements Period {
    public Range {
      if (first.isEmpty() && last.isEmpty()) {
        throw new IllegalArgumentException("a range needs a first or a last day");
      }
      if (first.isPresent() && last.isPresent() && last.get().isBefore(first.get())) {
        throw new IllegalArgumentException("a range cannot end before it begins");
      }
    }
  }

  /**
   * A season of the model.
   *
   * @param year the year in which it begins
   */
  record InSeason(String season, int year) implements Period {}

  /**
   * An occasion of the model.
   *
   * @param year the year in which it begins
   */
  record During(String occasion, int year) implements Period {}
}
