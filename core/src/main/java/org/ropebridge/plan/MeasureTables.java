package org.ropebridge.plan;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;

/** Which tables a measure is computed over, and by which date it is placed in time. */
public final class MeasureTables {
  private MeasureTables() {}

  /** The base tables of a measure, in the order in which its definition meets them. */
  public static Set<String> of(Measure measure, Model model) {
    Set<String> tables = new LinkedHashSet<>();
    if (measure instanceof Measure.MetricValue value) {
      leaves(model.metric(value.metric()), model).forEach(m -> tables.add(m.table().orElseThrow()));
    } else if (measure instanceof Measure.RowCount count) {
      tables.add(count.table());
    } else if (measure instanceof Measure.DistinctRows rows) {
      tables.add(rows.with());
    } else if (measure instanceof Measure.DistinctValues values) {
      tables.add(values.column().table());
    } else if (measure instanceof Measure.Statistic statistic) {
      tables.add(statistic.column().table());
    }
    return tables;
  }

  /** The metrics over tables that a metric is made of; itself when it is over a table. */
  public static Set<Metric> leaves(Metric metric, Model model) {
    Set<Metric> leaves = new LinkedHashSet<>();
    if (metric.table().isPresent()) {
      leaves.add(metric);
    } else {
      for (Expression.NameUse use : ExpressionParser.parse(metric.sql()).names()) {
        leaves.addAll(leaves(model.metric(use.name()), model));
      }
    }
    return leaves;
  }

  /** The date by which rows of a base table are placed in time for a metric. */
  public static Optional<ColumnRef> date(String table, Optional<Metric> metric, Model model) {
    return metric
        .flatMap(Metric::date)
        .or(() -> model.table(table).mainDate())
        .flatMap(name -> dateColumn(table, name, model));
  }

  /** The column that a main date names: one of the table, or {@code link.column}. */
  public static Optional<ColumnRef> dateColumn(String table, String name, Model model) {
    int dot = name.indexOf('.');
    if (dot < 0) {
      return model.table(table).findColumn(name).map(c -> ColumnRef.of(table, name));
    }
    String column = name.substring(dot + 1);
    return model
        .table(table)
        .findLink(name.substring(0, dot))
        .filter(l -> model.findTable(l.to()).flatMap(t -> t.findColumn(column)).isPresent())
        .map(
            l -> {
              ColumnRef ref = ColumnRef.of(l.to(), column);
              boolean onlyWay =
                  new LinkPaths(model).shortest(table, l.to(), Optional.empty()).size() == 1;
              return onlyWay ? ref : ref.withRole(table + "." + l.name());
            });
  }
}
