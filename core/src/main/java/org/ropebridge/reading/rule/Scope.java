package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.plan.PeriodResolver;

/**
 * What rules may know besides the words.
 *
 * @param model as far as the person who asks may see it
 */
public record Scope(Model model, LinkPaths paths, PeriodResolver periods) {

  LocalDate today() {
    return periods.today();
  }

  /** The column that names the rows of a table. */
  Optional<ColumnRef> namingColumn(String table) {
    Table t = model.table(table);
    return t.knownBy().filter(k -> t.findColumn(k).isPresent()).map(k -> ColumnRef.of(table, k));
  }

  boolean holds(ColumnRef column, Column.Holds kind) {
    return model.column(column).holds() == kind;
  }

  boolean isTemporal(ColumnRef column) {
    return model.column(column).holds().isTemporal();
  }

  /** The number columns that are measured in the unit. */
  List<ColumnRef> columnsIn(String unit) {
    return model.tables().stream()
        .flatMap(
            t ->
                t.columns().stream()
                    .filter(c -> c.holds() == Column.Holds.NUMBER)
                    .filter(c -> c.unit().equals(Optional.of(unit)))
                    .map(c -> ColumnRef.of(t.name(), c.name())))
        .toList();
  }
}
