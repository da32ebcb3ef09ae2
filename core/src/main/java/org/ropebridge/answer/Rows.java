package org.ropebridge.answer;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.sql.Timestamp;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.ropebridge.model.Column;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Plan;
import org.ropebridge.sql.OutputColumn;

/** Makes the rows of a database fit to be shown and sent. */
public final class Rows {
  private static final int DECIMALS = 6;

  private Rows() {}

  /**
   * The rows with value names in place of codes, dates as ISO texts, and numbers without endless
   * decimals. Missing values stay null.
   */
  public static List<List<Object>> shown(List<List<Object>> rows, Plan plan, Model model) {
    List<UnaryOperator<Object>> cells = cells(plan, model);
    List<List<Object>> shown = new ArrayList<>(rows.size());
    for (List<Object> row : rows) {
      List<Object> cellsOfRow = new ArrayList<>(row.size());
      for (int i = 0; i < row.size(); i++) {
        Object value = plain(row.get(i));
        cellsOfRow.add(i < cells.size() && value != null ? cells.get(i).apply(value) : value);
      }
      shown.add(cellsOfRow);
    }
    return shown;
  }

  /** The rows of an author's own SQL, whose columns are no columns of the model. */
  public static List<List<Object>> shown(List<List<Object>> rows) {
    List<List<Object>> shown = new ArrayList<>();
    for (List<Object> row : rows) {
      List<Object> cells = new ArrayList<>();
      row.forEach(value -> cells.add(plain(value)));
      shown.add(cells);
    }
    return shown;
  }

  /** What the columns of an author's own SQL hold, as far as their values tell. */
  public static List<OutputColumn> columns(List<String> names, List<List<Object>> rows) {
    List<OutputColumn> columns = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      int at = i;
      Optional<Object> value =
          rows.stream().map(r -> r.get(at)).filter(Objects::nonNull).findFirst();
      OutputColumn.Kind kind =
          value
              .map(
                  v ->
                      v instanceof Number
                          ? OutputColumn.Kind.NUMBER
                          : v instanceof java.sql.Date
                              ? OutputColumn.Kind.DAY
                              : v instanceof Timestamp
                                  ? OutputColumn.Kind.DATE
                                  : v instanceof Boolean
                                      ? OutputColumn.Kind.YES_NO
                                      : OutputColumn.Kind.CATEGORY)
              .orElse(OutputColumn.Kind.CATEGORY);
      columns.add(new OutputColumn(names.get(i), kind, Optional.empty(), Metric.ShownAs.NUMBER));
    }
    return columns;
  }

  /** How the columns before the measures are shown. */
  private static List<UnaryOperator<Object>> cells(Plan plan, Model model) {
    List<UnaryOperator<Object>> cells = new ArrayList<>();
    plan.listing().ifPresent(l -> l.columns().forEach(c -> cells.add(named(model.column(c)))));
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByColumn by) {
        cells.add(named(model.column(by.column())));
      } else if (grouping instanceof Grouping.BySteps by) {
        cells.add(value -> step((Number) value, by.width()));
      } else {
        cells.add(value -> value);
      }
    }
    return cells;
  }

  /** Codes, whether the warehouse keeps them as texts or as numbers, by what people call them. */
  private static UnaryOperator<Object> named(Column column) {
    return value ->
        column.values().stream()
            .filter(v -> v.stored().equals(value.toString()))
            .<Object>map(Column.ValueName::name)
            .findFirst()
            .orElse(value);
  }

  /** "4 to 5" for whole numbers, "0.5 to under 1" for others; one number where a step is 1. */
  private static String step(Number low, BigDecimal width) {
    BigDecimal from = new BigDecimal(low.toString());
    String first = from.stripTrailingZeros().toPlainString();
    if (width.compareTo(BigDecimal.ONE) == 0) {
      return first;
    }
    BigDecimal next = from.add(width);
    return width.scale() <= 0
        ? first + " to " + next.subtract(BigDecimal.ONE).stripTrailingZeros().toPlainString()
        : first + " to under " + next.stripTrailingZeros().toPlainString();
  }

  private static Object plain(Object value) {
    if (value instanceof BigDecimal number) {
      BigDecimal rounded =
          number.scale() > DECIMALS ? number.setScale(DECIMALS, RoundingMode.HALF_UP) : number;
      return rounded.signum() == 0
          ? BigDecimal.ZERO
          : rounded.stripTrailingZeros().scale() < 0
              ? rounded.setScale(0)
              : rounded.stripTrailingZeros();
    } else if (value instanceof Timestamp time) {
      return time.toLocalDateTime().toString();
    } else if (value instanceof java.sql.Date || value instanceof Temporal) {
      return value.toString();
    } else if (value == null || value instanceof Number || value instanceof Boolean) {
      return value;
    }
    return value.toString();
  }
}
