package org.ropebridge.reading;

import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** Chooses the role by which a plan reaches a column. */
final class WithRole {
  private WithRole() {}

  /** The plan with the role set wherever it uses the column, or counts rows of its table. */
  static Plan of(Plan plan, ColumnRef column, String role) {
    return new Plan(
        plan.measures().stream()
            .map(
                m ->
                    m instanceof Measure.DistinctRows rows && rows.counted().equals(column.table())
                        ? (Measure)
                            new Measure.DistinctRows(rows.counted(), rows.with(), Optional.of(role))
                        : m)
            .toList(),
        plan.groupings().stream()
            .map(
                g ->
                    g.equals(new Grouping.ByColumn(column))
                        ? (Grouping) new Grouping.ByColumn(column.withRole(role))
                        : g)
            .toList(),
        plan.filters().stream()
            .map(
                f -> {
                  if (f instanceof Filter.InValues in && in.column().equals(column)) {
                    return (Filter)
                        new Filter.InValues(column.withRole(role), in.values(), in.negated());
                  } else if (f instanceof Filter.Compare c && c.column().equals(column)) {
                    return (Filter)
                        new Filter.Compare(
                            column.withRole(role), c.comparison(), c.low(), c.high());
                  }
                  return f;
                })
            .toList(),
        plan.ranking(),
        plan.sort()
            .map(
                s ->
                    s.by().equals(new Grouping.ByColumn(column))
                        ? new Plan.Sort(
                            new Grouping.ByColumn(column.withRole(role)), s.descending())
                        : s),
        plan.picture());
  }
}
