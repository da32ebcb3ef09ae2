package org.ropebridge.plan;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;

/**
 * A number to compute for each group. {@link Basic} measures are computed over the rows of tables;
 * the others over basic ones: {@link Plain} ones within a group, {@link Figure}s by looking at
 * other groups or other times too.
 */
public sealed interface Measure extends Plan.SortKey {

  /** Computed over rows. */
  sealed interface Basic extends Plain {}

  /** Computed for each group by itself. */
  sealed interface Plain extends Measure {}

  /** Computed by looking at other groups or at another time as well. */
  sealed interface Figure extends Measure {
    /** What is looked at. */
    Plain of();
  }

  /** A metric of the model. */
  record MetricValue(String metric) implements Basic {}

  /** How many rows a table has. */
  record RowCount(String table) implements Basic {}

  /**
   * How many different rows of one table are pointed at by the rows of another: "members with
   * stays".
   *
   * @param counted the table whose rows are counted
   * @param with the table whose rows point at them
   * @param role {@code table.link} that the way must go through, when the shortest is not the only
   */
  record DistinctRows(String counted, String with, Optional<String> role) implements Basic {}

  /** How many different values a column has. */
  record DistinctValues(ColumnRef column) implements Basic {}

  /**
   * A statistic of a column at the grain of the column's own table.
   *
   * @param percentile 1 to 99, for {@link Kind#PERCENTILE}, otherwise 0
   */
  record Statistic(Kind kind, ColumnRef column, int percentile) implements Basic {
    public Statistic {
      if ((kind == Kind.PERCENTILE) != (percentile >= 1 && percentile <= 99)) {
        throw new IllegalArgumentException("a percentile is from 1 to 99, was " + percentile);
      }
    }

    public static Statistic of(Kind kind, ColumnRef column) {
      return new Statistic(kind, column, 0);
    }
  }

  /**
   * A statistic of the time between two dates of one row: in days, or in hours when both have a
   * time of day.
   *
   * @param from a date column
   * @param to a date column of the same table
   */
  record Duration(Kind kind, ColumnRef from, ColumnRef to) implements Basic {
    public Duration {
      if (kind == Kind.PERCENTILE || kind == Kind.STANDARD_DEVIATION) {
        throw new IllegalArgumentException("durations have no " + kind);
      }
    }
  }

  /** A basic measure over fewer rows than the rest of the plan: "revenue (for channel website)". */
  record Narrowed(Basic of, List<Filter> filters) implements Plain {
    public Narrowed {
      filters = List.copyOf(filters);
      if (filters.isEmpty()) {
        throw new IllegalArgumentException("nothing narrows the measure");
      }
    }
  }

  /** The part of a measure that falls on some of its rows: "share of stays (for cancelled)". */
  record Portion(Basic of, List<Filter> filters) implements Plain {
    public Portion {
      filters = List.copyOf(filters);
      if (filters.isEmpty()) {
        throw new IllegalArgumentException("nothing sets the part apart");
      }
    }
  }

  /**
   * Two measures put together, each at its own grain.
   *
   * @param factor what the result is multiplied by, such as 1,000 for "per 1,000"; mostly 1
   */
  record Arithmetic(Operator operator, Plain left, Plain right, BigDecimal factor)
      implements Plain {
    public Arithmetic {
      boolean nested = left instanceof Arithmetic || right instanceof Arithmetic;
      if (nested) {
        throw new IllegalArgumentException("arithmetic is not put into arithmetic");
      }
      if (operator != Operator.DIVIDED_BY && factor.compareTo(BigDecimal.ONE) != 0) {
        throw new IllegalArgumentException("only quotients have a factor");
      }
      factor = new BigDecimal(factor.stripTrailingZeros().toPlainString());
    }

    public Arithmetic(Operator operator, Plain left, Plain right) {
      this(operator, left, right, BigDecimal.ONE);
    }
  }

  /** A statistic of a measure over parts of each group: "average monthly revenue". */
  record OverParts(Kind kind, Plain of, Grouping part) implements Plain {
    public OverParts {
      if (of instanceof OverParts || of instanceof Correlation || kind == Kind.PERCENTILE) {
        throw new IllegalArgumentException("no " + kind + " over " + of);
      }
    }
  }

  /**
   * How closely two measures go together over parts of each group, from -1 to 1 (Pearson).
   *
   * @param over the parts; each gives one pair of numbers
   */
  record Correlation(Plain first, Plain second, Grouping over) implements Plain {}

  /** A group's part of all groups, or of all that share a coarser grouping. */
  record Share(Plain of, Optional<Grouping> within) implements Figure {}

  /** The measure at an earlier time, or how it has moved since. */
  record Compared(Move move, Plain of, Earlier earlier) implements Figure {}

  /** The sum of this and all earlier spans. */
  record Cumulative(Plain of) implements Figure {}

  /** The mean of this and the spans right before it, {@code spans} in all. */
  record MovingAverage(Plain of, int spans) implements Figure {
    public MovingAverage {
      if (spans < 2 || spans > 400) {
        throw new IllegalArgumentException("a moving average is over 2 to 400 spans");
      }
    }
  }

  /** The group's place when all are put in order, highest first; equal ones share a place. */
  record Rank(Plain of) implements Figure {}

  /** How far the group is above a level of all groups; negative below. */
  record Distance(Plain of, Level level) implements Figure {}

  /** The statistics that people ask for by name. */
  enum Kind {
    SUM,
    AVERAGE,
    MEDIAN,
    MINIMUM,
    MAXIMUM,
    STANDARD_DEVIATION,
    PERCENTILE
  }

  /** How two measures are put together. */
  enum Operator {
    PLUS,
    MINUS,
    TIMES,
    DIVIDED_BY
  }

  /** What is told of an earlier time. */
  enum Move {
    /** The value then. */
    BEFORE,
    /** The value now less the value then. */
    CHANGE,
    /** The change as a part of the value then. */
    GROWTH
  }

  /** A level of all groups of an answer. */
  enum Level {
    AVERAGE,
    HIGHEST,
    LOWEST
  }

  /** The time that a measure is compared with. */
  sealed interface Earlier {}

  /** A unit of the calendar before: "the year before". */
  record UnitBefore(Period.Unit unit) implements Earlier {}

  /** As long a time right before: the span before each span, or the period before the period. */
  record SpanBefore() implements Earlier {}

  /** A period of its own, in place of the one that the plan is limited to. */
  record Other(Period period) implements Earlier {}
}
