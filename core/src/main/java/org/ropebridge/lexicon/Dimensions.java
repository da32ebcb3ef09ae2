package org.ropebridge.lexicon;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Period;

/** What the units that models declare measure. */
public final class Dimensions {
  /** What units of time measure. */
  public static final String TIME = "time";

  /** What units of currency measure. */
  public static final String MONEY = "money";

  /** What "biggest" asks for: any number, but of several one of pieces sooner than a height. */
  public static final String SIZE = "size";

  private static final int DAYS_OF_WEEK = 7;
  private static final int HOURS_OF_DAY = 24;

  private final Map<String, Set<String>> units;
  private final Map<String, Set<String>> usualNames;

  /**
   * Dimensions as a language calls their units.
   *
   * @param units names of units, in plain small letters, by what they measure
   * @param usualNames what columns of such units are called where nothing else is said of them
   */
  public Dimensions(Map<String, Set<String>> units, Map<String, Set<String>> usualNames) {
    this.units = Map.copyOf(units);
    this.usualNames = Map.copyOf(usualNames);
  }

  /** Of several columns in one unit the one that goes by the usual name: the price, of money. */
  public List<Column> usual(List<Column> columns) {
    List<Column> usual = columns.stream().filter(this::isUsual).toList();
    return columns.size() > 1 && usual.size() == 1 ? usual : columns;
  }

  private boolean isUsual(Column column) {
    Set<String> names =
        usualNames.entrySet().stream()
            .filter(e -> column.unit().filter(u -> has(e.getKey(), u)).isPresent())
            .flatMap(e -> e.getValue().stream())
            .collect(Collectors.toSet());
    return names(column).anyMatch(names::contains);
  }

  /** How many of the units in which columns count time make up a unit of it; months differ. */
  public Map<String, Integer> unitsIn(Period.Unit unit) {
    int days =
        switch (unit) {
          case DAY -> 1;
          case WEEK -> DAYS_OF_WEEK;
          default -> 0;
        };
    Map<String, Integer> counts = new LinkedHashMap<>();
    if (days > 0) {
      units.getOrDefault("days", Set.of()).forEach(u -> counts.put(u, days));
      units.getOrDefault("hours", Set.of()).forEach(u -> counts.put(u, days * HOURS_OF_DAY));
    }
    return counts;
  }

  /** Whether it measures weight, length or working time, and does not count things. */
  public boolean isPhysical(String unit) {
    return has("weight", unit) || has("length", unit) || has("work", unit);
  }

  /**
   * Whether the column's numbers measure it: by their unit, or without one by what it is called.
   */
  public boolean measures(Column column, String dimension) {
    Set<String> called = units.getOrDefault(dimension, Set.of());
    return column.unit().filter(this::isKnown).isPresent()
        ? has(dimension, column.unit().get())
        : names(column).anyMatch(called::contains);
  }

  private static Stream<String> names(Column column) {
    return column.names().map(Tokens::plain);
  }

  /** Whether it is told what the unit measures. */
  public boolean isKnown(String unit) {
    return units.keySet().stream().anyMatch(dimension -> has(dimension, unit));
  }

  /** Whether the unit measures what the dimension says: time, length, weight, money. */
  public boolean has(String dimension, String unit) {
    String lower = Tokens.plain(unit);
    Set<String> called = units.getOrDefault(dimension, Set.of());
    return called.contains(lower) || called.contains(lower.substring(lower.lastIndexOf(' ') + 1));
  }
}
