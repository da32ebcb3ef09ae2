package org.ropebridge.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
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
    for (Measure.Basic basic : basics(measure)) {
      ofBasic(basic, model, tables);
    }
    return tables;
  }

  private static void ofBasic(Measure.Basic measure, Model model, Set<String> tables) {
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
    } else {
      tables.add(((Measure.Duration) measure).from().table());
    }
  }

  /** The basic measures that a measure is made of, in the order in which it names them. */
  public static List<Measure.Basic> basics(Measure measure) {
    if (measure instanceof Measure.Basic basic) {
      return List.of(basic);
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return List.of(narrowed.of());
    } else if (measure instanceof Measure.Portion portion) {
      return List.of(portion.of());
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      return together(arithmetic.left(), arithmetic.right());
    } else if (measure instanceof Measure.OverParts over) {
      return basics(over.of());
    } else if (measure instanceof Measure.Correlation correlation) {
      return together(correlation.first(), correlation.second());
    }
    return basics(((Measure.Figure) measure).of());
  }

  private static List<Measure.Basic> together(Measure one, Measure two) {
    List<Measure.Basic> all = new ArrayList<>(basics(one));
    all.addAll(basics(two));
    return all;
  }

  /** The tables whose rows the plan counts or lists. */
  public static Set<String> of(Plan plan, Model model) {
    Set<String> tables = new LinkedHashSet<>();
    plan.listing().ifPresent(l -> tables.add(l.table()));
    plan.measures().forEach(m -> tables.addAll(of(m, model)));
    plan.keeps().forEach(k -> tables.addAll(of(k.measure(), model)));
    return tables;
  }

  /** Whether the parts of the measure over different rows add up to the whole. */
  public static boolean addsUp(Measure measure, Model model) {
    return addsUp(measure, false, model);
  }

  /**
   * Whether the parts of the measure over such groups add up to the whole; those of a level, such
   * as a stock, do where they are of the same time.
   *
   * @param groupings those that are not held fixed
   */
  public static boolean addsUp(Measure measure, List<Grouping> groupings, Model model) {
    boolean oneTime = groupings.stream().noneMatch(Grouping.ByTime.class::isInstance);
    return addsUp(measure, oneTime, model);
  }

  /** Whether it is a level, such as of a stock, which only the last of its days tells. */
  public static boolean isLevel(Measure measure, Model model) {
    return measure instanceof Measure.MetricValue value
        && model.metric(value.metric()).acrossTime() == Metric.AcrossTime.LAST;
  }

  private static boolean addsUp(Measure measure, boolean oneTime, Model model) {
    if (measure instanceof Measure.RowCount) {
      return true;
    } else if (measure instanceof Measure.Statistic statistic) {
      return statistic.kind() == Measure.Kind.SUM;
    } else if (measure instanceof Measure.Duration duration) {
      return duration.kind() == Measure.Kind.SUM;
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return addsUp(narrowed.of(), oneTime, model);
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      boolean sum =
          arithmetic.operator() == Measure.Operator.PLUS
              || arithmetic.operator() == Measure.Operator.MINUS;
      return sum
          && addsUp(arithmetic.left(), oneTime, model)
          && addsUp(arithmetic.right(), oneTime, model);
    } else if (measure instanceof Measure.MetricValue value) {
      Metric metric = model.metric(value.metric());
      return (oneTime || !isLevel(measure, model))
          && addsUp(ExpressionParser.parse(metric.sql()), metric.table().isEmpty(), model);
    }
    return false;
  }

  private static boolean addsUp(Expression sql, boolean ofMetrics, Model model) {
    if (sql instanceof Expression.Call call) {
      return !call.distinct() && call.isTotal();
    } else if (sql instanceof Expression.Unary unary) {
      return unary.operator().equals("-") && addsUp(unary.operand(), ofMetrics, model);
    } else if (sql instanceof Expression.NameUse use) {
      return ofMetrics && addsUp(new Measure.MetricValue(use.name()), model);
    } else if (sql instanceof Expression.Binary binary) {
      boolean sum = binary.operator().equals("+") || binary.operator().equals("-");
      boolean scaled = binary.operator().equals("*") || binary.operator().equals("/");
      boolean left = addsUp(binary.left(), ofMetrics, model);
      boolean number = binary.right() instanceof Expression.NumberLiteral;
      return sum && left && addsUp(binary.right(), ofMetrics, model) || scaled && left && number;
    }
    return false;
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
