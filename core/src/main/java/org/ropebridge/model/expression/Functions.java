package org.ropebridge.model.expression;

import java.util.Set;
import java.util.TreeSet;

/** The functions that expressions may call. Anything else is refused. */
public final class Functions {
  /** Whole years from a date to the model's today. */
  public static final String YEARS_SINCE = "years_since";

  private static final Set<String> AGGREGATES =
      Set.of(
          "sum",
          "count",
          "avg",
          "min",
          "max",
          "stddev_samp",
          "stddev_pop",
          "var_samp",
          "bool_and",
          "bool_or",
          "percentile_cont",
          "percentile_disc");
  private static final Set<String> ORDERED_SET = Set.of("percentile_cont", "percentile_disc");
  private static final Set<String> SCALARS =
      Set.of(
          "coalesce",
          "nullif",
          "abs",
          "round",
          "floor",
          "ceil",
          "sqrt",
          "power",
          "mod",
          "greatest",
          "least",
          "lower",
          "upper",
          "trim",
          "length",
          "replace",
          "left",
          "right",
          YEARS_SINCE);

  private Functions() {}

  public static boolean isAggregate(String function) {
    return AGGREGATES.contains(function);
  }

  /** Whether the aggregate needs {@code within group (order by ...)}. */
  public static boolean isOrderedSet(String function) {
    return ORDERED_SET.contains(function);
  }

  public static boolean exists(String function) {
    return AGGREGATES.contains(function) || SCALARS.contains(function);
  }

  /** All function names in alphabetical order, for messages. */
  public static Set<String> all() {
    Set<String> all = new TreeSet<>(AGGREGATES);
    all.addAll(SCALARS);
    return all;
  }
}
