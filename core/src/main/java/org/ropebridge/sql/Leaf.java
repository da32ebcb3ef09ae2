package org.ropebridge.sql;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.expression.Emptiness;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * One aggregate of a block.
 *
 * @param measure what is computed
 * @param metric the metric over a table that it is, if it is one
 * @param narrowing which of the block's rows count
 * @param behind what is counted in place of the measure, to hold the size of groups
 */
record Leaf(
    Measure.Plain measure,
    Optional<Metric> metric,
    List<Filter> narrowing,
    Optional<Behind> behind) {
  Leaf {
    narrowing = List.copyOf(narrowing);
  }

  Leaf(Measure.Plain measure, Optional<Metric> metric, List<Filter> narrowing) {
    this(measure, metric, narrowing, Optional.empty());
  }

  /**
   * Rows of a guarded table that stand behind another leaf.
   *
   * @param key of the guarded table
   * @param only which of the block's rows the other leaf counts
   */
  record Behind(ColumnRef key, Optional<Expression> only) {}

  /** What it is where there are no rows; empty when it is missing there. */
  Optional<BigDecimal> ofNothing() {
    boolean counts =
        measure instanceof Measure.RowCount
            || measure instanceof Measure.DistinctRows
            || measure instanceof Measure.DistinctValues;
    return counts
        ? Optional.of(BigDecimal.ZERO)
        : metric.flatMap(
            m -> Emptiness.overNoRows(ExpressionParser.parse(m.sql()), name -> Optional.empty()));
  }
}
