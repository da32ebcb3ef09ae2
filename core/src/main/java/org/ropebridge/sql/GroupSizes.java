package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.model.expression.Functions;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/**
 * Which rows of guarded tables stand behind the numbers of a plan. A number is shown only for so
 * many of them; rows that lead to none of them are about nobody and are shown.
 */
final class GroupSizes {
  private final Ground ground;

  GroupSizes(Ground ground) {
    this.ground = ground;
  }

  boolean areHeld() {
    return !ground.access().groupSizes().isEmpty();
  }

  /** How many rows there must be at least; the largest of all rules. */
  int atLeast() {
    return ground.access().groupSizes().values().stream().max(Integer::compare).orElse(0);
  }

  /** What counts the rows behind a leaf: once for each condition that its aggregates have. */
  Set<Leaf> counting(String table, Leaf leaf) {
    Set<Optional<Expression>> conditions = new LinkedHashSet<>();
    leaf.metric()
        .map(Metric::sql)
        .map(ExpressionParser::parse)
        .ifPresent(
            sql ->
                sql.walk(
                    e -> {
                      if (e instanceof Expression.Call call
                          && Functions.isAggregate(call.function())) {
                        conditions.add(call.filter());
                      }
                    }));
    if (conditions.isEmpty()) {
      conditions.add(Optional.empty());
    }
    Set<Leaf> counting = new LinkedHashSet<>();
    for (ColumnRef key : ground.access().guardedBehind(table, ground.paths())) {
      for (Optional<Expression> condition : conditions) {
        counting.add(
            new Leaf(
                new Measure.RowCount(key.table()),
                Optional.empty(),
                leaf.narrowing(),
                Optional.of(new Leaf.Behind(key, condition))));
      }
    }
    return counting;
  }

  /**
   * Holds that no rows are listed one by one.
   *
   * @throws NotAllowed if they are, at any depth
   */
  void check(Plan plan) {
    plan.listing()
        .map(l -> ground.access().guardedBehind(l.table(), ground.paths()))
        .filter(keys -> !keys.isEmpty())
        .ifPresent(
            keys -> {
              String rows = ground.model().table(keys.get(0).table()).rowNounPlural();
              throw new NotAllowed(
                  "You see numbers about at least "
                      + atLeast()
                      + " "
                      + rows
                      + ", so rows are not listed one by one. Ask how many there are, or for an"
                      + " average, by what they have in common.");
            });
    filters(plan).stream()
        .filter(Filter.Among.class::isInstance)
        .forEach(f -> check(((Filter.Among) f).plan()));
  }

  private static List<Filter> filters(Plan plan) {
    List<Filter> filters = new ArrayList<>(plan.filters());
    plan.measures().forEach(m -> filters.addAll(narrowing(m)));
    plan.keeps().forEach(k -> filters.addAll(narrowing(k.measure())));
    return filters;
  }

  private static List<Filter> narrowing(Measure measure) {
    if (measure instanceof Measure.Narrowed narrowed) {
      return narrowed.filters();
    } else if (measure instanceof Measure.Portion portion) {
      return portion.filters();
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      List<Filter> both = new ArrayList<>(narrowing(arithmetic.left()));
      both.addAll(narrowing(arithmetic.right()));
      return both;
    } else if (measure instanceof Measure.OverParts over) {
      return narrowing(over.of());
    }
    return measure instanceof Measure.Figure figure ? narrowing(figure.of()) : List.of();
  }

  /**
   * Plans that count the rows behind what a plan leaves out, or takes together value by value. Were
   * one of these groups small, its numbers would follow from those with and without it.
   */
  List<Plan> besides(Plan plan) {
    List<Plan> besides = new ArrayList<>();
    for (String table : MeasureTables.of(plan, ground.model())) {
      for (ColumnRef key : ground.access().guardedBehind(table, ground.paths())) {
        Measure counting =
            key.table().equals(table)
                ? new Measure.RowCount(table)
                : new Measure.DistinctRows(key.table(), table, key.role());
        for (Filter filter : filters(plan)) {
          List<Filter> others = new ArrayList<>(plan.filters());
          others.remove(filter);
          filter
              .leftOut()
              .ifPresent(out -> besides.add(Plan.of(counting, List.of(), with(out, others))));
          if (filter instanceof Filter.InValues in && in.values().size() > 1) {
            Filter named = new Filter.InValues(in.column(), in.values(), false);
            besides.add(
                Plan.of(
                    counting, List.of(new Grouping.ByColumn(in.column())), with(named, others)));
          }
        }
      }
    }
    return besides;
  }

  private static List<Filter> with(Filter filter, List<Filter> others) {
    return Stream.concat(others.stream(), Stream.of(filter)).toList();
  }
}
