package org.ropebridge.plan;

import java.util.Optional;
import org.ropebridge.model.ColumnRef;

/** A number to compute for each group. */
public sealed interface Measure extends Plan.SortKey {

  /** A metric of the model. */
  record MetricValue(String metric) implements Measure {}

  /** How many rows a table has. */
  record RowCount(String table) implements Measure {}

  /**
   * How many different rows of one table are pointed at by the rows of another: "members with
   * stays".
   *
   * @param counted the table whose rows are counted
   * @param with the table whose rows point at them
   * @param role {@code table.link} that the way must go through, when the shortest is not the only
   */
  record DistinctRows(String counted, String with, Optional<String> role) implements Measure {}

  /** How many different values a column has. */
  record DistinctValues(ColumnRef column) implements Measure {}

  /**
   * A statistic of a column at the grain of the column's own table.
   *
   * @param percentile 1 to 99, for {@link Kind#PERCENTILE}, otherwise 0
   */
  record Statistic(Kind kind, ColumnRef column, int percentile) implements Measure {
    public Statistic {
      if ((kind == Kind.PERCENTILE) != (percentile >= 1 && percentile <= 99)) {
        throw new IllegalArgumentException("a percentile is from 1 to 99, was " + percentile);
      }
    }

    public static Statistic of(Kind kind, ColumnRef column) {
      return new Statistic(kind, column, 0);
    }
  }

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
}
