package org.ropebridge.answer;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.sql.Timestamp;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import org.ropebridge.model.Column;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Plan;

/** Makes the rows of a database fit to be shown and sent. */
public final class Rows {
  private static final int DECIMALS = 6;

  private Rows() {}

  /**
   * The rows with value names in place of codes, dates as ISO texts, and numbers without endless
   * decimals. Missing values stay null.
   */
  public static List<List<Object>> shown(List<List<Object>> rows, Plan plan, Model model) {
    List<List<Object>> shown = new ArrayList<>(rows.size());
    for (List<Object> row : rows) {
      List<Object> cells = new ArrayList<>(row.size());
      for (int i = 0; i < row.size(); i++) {
        Object value = plain(row.get(i));
        boolean named =
            i < plan.groupings().size()
                && plan.groupings().get(i) instanceof Grouping.ByColumn
                && value instanceof String;
        cells.add(named ? column(plan, i, model).nameOfValue((String) value) : value);
      }
      shown.add(cells);
    }
    return shown;
  }

  private static Column column(Plan plan, int grouping, Model model) {
    return model.column(((Grouping.ByColumn) plan.groupings().get(grouping)).column());
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
