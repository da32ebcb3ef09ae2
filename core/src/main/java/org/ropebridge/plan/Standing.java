package org.ropebridge.plan;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;

/**
 * Tables without a date by whose rows something with a date is divided, as in "revenue per bed in
 * 2025": a time does not limit them, so all of their rows stand for any time.
 */
public final class Standing {
  private final Model model;
  private final Set<String> dividing = new LinkedHashSet<>();
  private final Set<String> otherwise = new LinkedHashSet<>();
  private boolean isDated;

  private Standing(Model model) {
    this.model = model;
  }

  /** The tables of a measure whose rows stand for any time; empty for most. */
  public static Set<String> of(Measure measure, Model model) {
    Standing standing = new Standing(model);
    standing.add(measure, false);
    standing.dividing.removeAll(standing.otherwise);
    return standing.isDated ? standing.dividing : Set.of();
  }

  private void add(Measure measure, boolean divides) {
    if (measure instanceof Measure.Arithmetic arithmetic) {
      boolean quotient = arithmetic.operator() == Measure.Operator.DIVIDED_BY;
      add(arithmetic.left(), divides);
      add(arithmetic.right(), quotient);
    } else if (measure instanceof Measure.MetricValue value) {
      add(model.metric(value.metric()), divides);
    } else if (measure instanceof Measure.Basic) {
      MeasureTables.of(measure, model).forEach(t -> add(t, Optional.empty(), divides));
    } else if (measure instanceof Measure.Figure figure) {
      add(figure.of(), divides);
    } else {
      MeasureTables.basics(measure).forEach(b -> add(b, divides));
    }
  }

  private void add(Metric metric, boolean divides) {
    if (metric.table().isPresent()) {
      add(metric.table().get(), Optional.of(metric), divides);
    } else {
      add(ExpressionParser.parse(metric.sql()), divides);
    }
  }

  private void add(Expression sql, boolean divides) {
    if (sql instanceof Expression.Binary binary
        && List.of("+", "-", "*", "/").contains(binary.operator())) {
      add(binary.left(), divides);
      add(binary.right(), divides || binary.operator().equals("/"));
    } else {
      sql.names().forEach(use -> add(model.metric(use.name()), divides));
    }
  }

  private void add(String table, Optional<Metric> metric, boolean divides) {
    if (MeasureTables.date(table, metric, model).isPresent()) {
      isDated = true;
    } else {
      (divides ? dividing : otherwise).add(table);
    }
  }
}
