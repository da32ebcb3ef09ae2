package org.ropebridge.reference;

import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.model.expression.ExpressionParser;

/** Follows links from row to row. */
final class Reach {
  private final Model model;
  private final MemoryWarehouse warehouse;
  private final LinkPaths paths;

  Reach(Model model, MemoryWarehouse warehouse) {
    this.model = model;
    this.warehouse = warehouse;
    this.paths = new LinkPaths(model);
  }

  /** The row of a table that a row leads to. */
  Optional<Row> row(Row from, String table, Optional<String> role) {
    Optional<Row> row = Optional.of(from);
    for (LinkPaths.Step step : paths.shortest(from.table(), table, role).get(0).steps()) {
      row =
          row.flatMap(
              r ->
                  warehouse.rows(step.link().to()).stream()
                      .filter(
                          t ->
                              Values.same(
                                  t.get(model.table(step.link().to()).key()),
                                  r.get(step.link().by())))
                      .findFirst());
    }
    return row;
  }

  /** The value of a column of the row that a row leads to; null where there is none. */
  Object value(Row from, ColumnRef column) {
    return row(from, column.table(), column.role())
        .map(row -> own(row, column.column()))
        .orElse(null);
  }

  /** A column of the row itself, stored or computed. */
  Object own(Row row, String column) {
    Optional<String> sql = model.table(row.table()).findColumn(column).flatMap(Column::sql);
    return sql.isPresent()
        ? Formula.over(name -> own(row, name)).value(ExpressionParser.parse(sql.get()))
        : row.get(column);
  }

  /** Whether the row itself meets a condition of its table. */
  boolean meets(Row row, String condition) {
    String sql = model.table(row.table()).findCondition(condition).orElseThrow().sql();
    return Boolean.TRUE.equals(
        Formula.over(name -> own(row, name)).value(ExpressionParser.parse(sql)));
  }
}
