package org.ropebridge.reading.rule;

import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.plan.Period;

/** What the units that models declare measure. */
public final class Dimensions {
  private static final int DAYS_OF_WEEK = 7;

  private final Map<String, Set<String>> units;

  /**
   * Dimensions as a language calls their units.
   *
   * @param units names of units, in plain small letters, by what they measure
   */
  public Dimensions(Map<String, Set<String>> units) {
    this.units = Map.copyOf(units);
  }

  /** How many of the units that columns count days in make up a unit of time; months differ. */
  Map<String, Integer> daysPer(Period.Unit unit) {
    int days =
        switch (unit) {
          case DAY -> 1;
          case WEEK -> DAYS_OF_WEEK;
          default -> 0;
        };
    return days == 0
        ? Map.of()
        : units.getOrDefault("days", Set.of()).stream()
            .collect(Collectors.toMap(u -> u, u -> days));
  }

  /** Whether it measures weight, length or working time, and does not count things. */
  boolean isPhysical(String unit) {
    return has("weight", unit) || has("length", unit) || has("work", unit);
  }

  boolean has(String dimension, String unit) {
    String lower = Tokens.plain(unit);
    Set<String> called = units.getOrDefault(dimension, Set.of());
    return called.contains(lower) || called.contains(lower.substring(lower.lastIndexOf(' ') + 1));
  }
}
