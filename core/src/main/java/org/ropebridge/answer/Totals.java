package org.ropebridge.answer;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/** What the rows of an answer add up to, where they do. */
public final class Totals {
  private Totals() {}

  /**
   * The sum of each column, in order; null for what does not add up, such as groups, averages and
   * shares. Empty where nothing adds up, or the rows are not all that there are.
   *
   * @param rows as they are shown
   * @param whole whether no row was cut off
   */
  public static List<Object> of(Plan plan, List<List<Object>> rows, boolean whole, Model model) {
    boolean parts =
        whole
            && rows.size() > 1
            && !plan.groupings().isEmpty()
            && plan.keeps().isEmpty()
            && plan.ranking().isEmpty();
    if (!parts) {
      return List.of();
    }
    List<Object> totals = new ArrayList<>();
    plan.groupings().forEach(g -> totals.add(null));
    for (Measure measure : plan.measures()) {
      boolean addsUp =
          measure instanceof Measure.Plain
              && MeasureTables.addsUp(measure, plan.groupings(), model);
      totals.add(addsUp ? sum(rows, totals.size()) : null);
    }
    return totals.stream().allMatch(Objects::isNull) ? List.of() : totals;
  }

  private static BigDecimal sum(List<List<Object>> rows, int column) {
    return rows.stream()
        .map(r -> r.get(column))
        .filter(Objects::nonNull)
        .map(v -> new BigDecimal(v.toString()))
        .reduce(BigDecimal.ZERO, BigDecimal::add);
  }
}
