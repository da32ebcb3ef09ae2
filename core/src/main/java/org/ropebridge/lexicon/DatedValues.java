package org.ropebridge.lexicon;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;

/**
 * At which dates rows came to have the values that they have, as the author's metrics tell: where
 * the value of deals that are won is dated by their closing, a deal is won on the day on which it
 * is closed, and not on that on which it was opened.
 */
public final class DatedValues {
  private final Map<Value, Set<Optional<String>>> counted = new HashMap<>();
  private final Map<Value, Set<Optional<String>>> dates = new HashMap<>();
  private final Map<Filter.Meets, ColumnRef> ofConditions = new HashMap<>();

  /** Learns the dates from a model's metrics. */
  public DatedValues(Model model) {
    for (Metric metric : model.metrics()) {
      Optional<Table> table = metric.table().map(model::table);
      if (table.flatMap(Table::mainDate).isPresent()) {
        Optional<String> date = metric.date().filter(d -> !table.get().mainDate().get().equals(d));
        Expression sql = ExpressionParser.parse(metric.sql());
        boolean counts = sql instanceof Expression.Call call && call.isTotal();
        for (Value value : tested(sql, table.get())) {
          dates.computeIfAbsent(value, k -> new HashSet<>()).add(date);
          if (counts) {
            counted.computeIfAbsent(value, k -> new HashSet<>()).add(date);
          }
        }
      }
    }
    for (Table table : model.tables()) {
      for (Condition condition : table.conditions()) {
        common(table.name(), tested(ExpressionParser.parse(condition.sql()), table))
            .ifPresent(
                date ->
                    ofConditions.put(
                        new Filter.Meets(table.name(), condition.name(), false), date));
      }
    }
  }

  private record Value(String table, String column, String stored) {}

  /**
   * The date at which rows came to be such as a filter keeps; empty where no metric tells another
   * than the one by which all rows of the table are dated.
   */
  public Optional<ColumnRef> of(Filter filter) {
    if (filter instanceof Filter.InValues in && !in.negated() && in.column().role().isEmpty()) {
      String table = in.column().table();
      return common(
          table,
          in.values().stream()
              .map(v -> new Value(table, in.column().column(), v))
              .collect(Collectors.toSet()));
    }
    return filter instanceof Filter.Meets meets
        ? Optional.ofNullable(ofConditions.get(meets))
        : Optional.empty();
  }

  private Optional<ColumnRef> common(String table, Set<Value> values) {
    Set<Optional<String>> all = new HashSet<>();
    values.forEach(v -> all.addAll(told(v)));
    return all.size() == 1
        ? all.iterator().next().map(d -> ColumnRef.of(table, d))
        : Optional.empty();
  }

  /** What counts or sums up rows with a value tells their date before a ratio of some of them. */
  private Set<Optional<String>> told(Value value) {
    return counted.getOrDefault(value, dates.getOrDefault(value, Set.of(Optional.empty())));
  }

  /** The values of which an expression asks whether a column has them. */
  private static Set<Value> tested(Expression expression, Table table) {
    Set<Value> found = new HashSet<>();
    if (expression instanceof Expression.Binary equal && equal.operator().equals("=")) {
      addTested(equal.left(), List.of(equal.right()), table, found);
    } else if (expression instanceof Expression.In in && !in.negated()) {
      addTested(in.value(), in.options(), table, found);
    }
    expression.parts().forEach(p -> found.addAll(tested(p, table)));
    return found;
  }

  private static void addTested(
      Expression column, List<Expression> values, Table table, Set<Value> found) {
    if (column instanceof Expression.NameUse use && table.findColumn(use.name()).isPresent()) {
      values.stream()
          .filter(Expression.TextLiteral.class::isInstance)
          .map(v -> ((Expression.TextLiteral) v).value())
          .forEach(v -> found.add(new Value(table.name(), use.name(), v)));
    }
  }
}
