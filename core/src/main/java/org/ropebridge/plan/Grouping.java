package org.ropebridge.plan;

import java.util.Optional;
import org.ropebridge.model.ColumnRef;

/** What the rows of an answer stand for. */
public sealed interface Grouping extends Plan.SortKey {

  /** One row for each value of a column; for a naming column, for each row that it names. */
  record ByColumn(ColumnRef column) implements Grouping {}

  /**
   * One row for each span of time.
   *
   * @param date the date column meant; empty for each measure's own
   */
  record ByTime(TimeUnit unit, Optional<ColumnRef> date) implements Grouping {}
}
