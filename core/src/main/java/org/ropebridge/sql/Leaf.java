package org.ropebridge.sql;

import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Metric;
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
 */
record Leaf(Measure.Plain measure, Optional<Metric> metric, List<Filter> narrowing) {
  Leaf {
    narrowing = List.copyOf(narrowing);
  }

  /** Whether it is 0, and not missing, where there are no rows. */
  boolean counts() {
    return measure instanceof Measure.RowCount
        || measure instanceof Measure.DistinctRows
        || measure instanceof Measure.DistinctValues
        || metric
            .map(m -> ExpressionParser.parse(m.sql()))
            .filter(e -> e instanceof Expression.Call c && c.function().equals("count"))
            .isPresent();
  }
}
