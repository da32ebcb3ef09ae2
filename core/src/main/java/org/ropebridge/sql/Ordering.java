package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.jooq.Field;
import org.jooq.OrderField;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Plan;

/** The order of an answer's rows. */
final class Ordering {
  private final Plan plan;
  private final Ground ground;
  private final Headings headings;

  Ordering(Plan plan, Ground ground, Headings headings) {
    this.plan = plan;
    this.ground = ground;
    this.headings = headings;
  }

  /**
   * What rows are ordered by.
   *
   * @param alone an output column by its name
   * @param inside a grouping, to stand inside an expression, where output names are not known
   */
  List<OrderField<?>> of(Function<String, Field<?>> alone, Function<Grouping, Field<?>> inside) {
    List<OrderField<?>> order = new ArrayList<>();
    Set<Plan.SortKey> done = new LinkedHashSet<>();
    if (plan.ranking().isPresent()) {
      plan.ranking()
          .get()
          .within()
          .filter(done::add)
          .ifPresent(g -> order.add(up(g, alone, inside)));
    }
    if (plan.sort().isPresent()) {
      Plan.Sort sort = plan.sort().get();
      done.add(sort.by());
      order.add(direction(value(sort.by(), alone, inside), sort.descending()));
    } else if (plan.ranking().isPresent()) {
      done.add(plan.ranking().get().by());
      order.add(
          direction(
              alone.apply(headings.of(plan.ranking().get().by())), plan.ranking().get().top()));
    } else if (!plan.groupings().isEmpty() && !hasNaturalOrder()) {
      done.add(plan.measures().get(0));
      order.add(direction(alone.apply(headings.of(plan.measures().get(0))), true));
    }
    for (Grouping grouping : plan.groupings()) {
      if (done.add(grouping)) {
        order.add(up(grouping, alone, inside));
      }
    }
    return order;
  }

  private OrderField<?> up(
      Grouping grouping, Function<String, Field<?>> alone, Function<Grouping, Field<?>> inside) {
    return value(grouping, alone, inside).asc().nullsLast();
  }

  private static SortField<?> direction(Field<?> field, boolean descending) {
    return (descending ? field.desc() : field.asc()).nullsLast();
  }

  private boolean hasNaturalOrder() {
    return plan.groupings().stream()
        .anyMatch(
            g ->
                g instanceof Grouping.ByTime
                    || g instanceof Grouping.BySteps
                    || g instanceof Grouping.ByBands
                    || g instanceof Grouping.ByColumn by
                        && (!column(by).order().isEmpty()
                            || column(by).holds() == Column.Holds.NUMBER));
  }

  private Column column(Grouping.ByColumn by) {
    return ground.model().column(by.column());
  }

  /** What a group is sorted by: its place in a given order, or itself. */
  private Field<?> value(
      Plan.SortKey key, Function<String, Field<?>> alone, Function<Grouping, Field<?>> inside) {
    List<String> order = List.of();
    if (key instanceof Grouping.ByColumn by) {
      order = column(by).order();
    } else if (key instanceof Grouping.ByBands by) {
      order = Bands.labels(by.edges());
    }
    return order.isEmpty()
        ? alone.apply(headings.of(key))
        : DSL.field(
            "array_position(array[{0}], cast({1} as text))",
            Object.class,
            DSL.list(order.stream().map(DSL::inline).toList()),
            inside.apply((Grouping) key));
  }
}
