package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;

/**
 * The rows that a metric counts or sums up: of sales that are the value of deals that were won,
 * just those deals.
 *
 * @param filters what they must meet; empty where all rows of the table count
 */
record MetricRows(String table, List<Filter> filters) {
  MetricRows {
    filters = List.copyOf(filters);
  }

  /** All rows of a table. */
  static MetricRows all(String table) {
    return new MetricRows(table, List.of());
  }

  /** The rows of a metric; empty where it is no count or sum, or keeps rows otherwise. */
  static Optional<MetricRows> of(Metric metric, Scope scope) {
    Expression sql = ExpressionParser.parse(metric.sql());
    return metric
        .table()
        .filter(t -> sql instanceof Expression.Call)
        .flatMap(t -> of(t, (Expression.Call) sql, scope));
  }

  private static Optional<MetricRows> of(String table, Expression.Call call, Scope scope) {
    if (!call.isTotal() || call.distinct()) {
      return Optional.empty();
    }
    List<Filter> filters = new ArrayList<>();
    boolean known = call.filter().map(f -> add(f, table, scope, filters)).orElse(true);
    return known ? Optional.of(new MetricRows(table, filters)) : Optional.empty();
  }

  /** Adds what a condition asks for; false where no filter says just that. */
  private static boolean add(
      Expression condition, String table, Scope scope, List<Filter> filters) {
    if (condition instanceof Expression.Binary both && both.operator().equals("and")) {
      return add(both.left(), table, scope, filters) && add(both.right(), table, scope, filters);
    }
    Optional<Filter> filter =
        condition instanceof Expression.Unary not && not.operator().equals("not")
            ? yes(not.operand(), true, table, scope)
            : condition instanceof Expression.IsNull lacks
                ? column(lacks.value(), table, scope)
                    .map(c -> new Filter.Missing(c, lacks.negated()))
                : yes(condition, false, table, scope).or(() -> values(condition, table, scope));
    filter.ifPresent(filters::add);
    return filter.isPresent();
  }

  private static Optional<Filter> yes(
      Expression condition, boolean negated, String table, Scope scope) {
    return column(condition, table, scope)
        .filter(c -> scope.holds(c, Column.Holds.YES_NO))
        .map(c -> new Filter.IsTrue(c, negated));
  }

  private static Optional<Filter> values(Expression condition, String table, Scope scope) {
    if (condition instanceof Expression.Binary equal && equal.operator().equals("=")) {
      return values(equal.left(), List.of(equal.right()), table, scope);
    }
    return condition instanceof Expression.In in && !in.negated()
        ? values(in.value(), in.options(), table, scope)
        : Optional.empty();
  }

  private static Optional<Filter> values(
      Expression of, List<Expression> options, String table, Scope scope) {
    return options.stream().allMatch(Expression.TextLiteral.class::isInstance)
        ? column(of, table, scope)
            .filter(c -> scope.holds(c, Column.Holds.CATEGORY))
            .map(
                c ->
                    new Filter.InValues(
                        c,
                        options.stream().map(o -> ((Expression.TextLiteral) o).value()).toList(),
                        false))
        : Optional.empty();
  }

  private static Optional<ColumnRef> column(Expression expression, String table, Scope scope) {
    return expression instanceof Expression.NameUse use
            && scope.model().table(table).findColumn(use.name()).isPresent()
        ? Optional.of(ColumnRef.of(table, use.name()))
        : Optional.empty();
  }
}
