package org.ropebridge.reading;

import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.ColumnMapping;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** Chooses the role by which a plan reaches a column. */
final class WithRole {
  private WithRole() {}

  /** The plan with the role set wherever it uses the column, or counts rows of its table. */
  static Plan of(Plan plan, ColumnRef column, String role) {
    return new ColumnMapping(
            c -> c.equals(column) ? column.withRole(role) : c,
            rows ->
                rows.counted().equals(column.table())
                    ? new Measure.DistinctRows(rows.counted(), rows.with(), Optional.of(role))
                    : rows)
        .of(plan.withFilters(plan.filters().stream().map(f -> withRole(f, column, role)).toList()));
  }

  private static Filter withRole(Filter filter, ColumnRef column, String role) {
    return filter instanceof Filter.Having having
            && having.role().isEmpty()
            && having.anchor().equals(column.table())
            && role.startsWith(having.table() + ".")
        ? having.with(Optional.of(role), having.filters())
        : filter;
  }
}
