package org.ropebridge.reading.rule;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.ropebridge.plan.Period;

/** Which units measure what adjectives are about. */
final class Dimensions {
  private static final Map<String, Set<String>> UNITS =
      Map.of(
          "time",
          Set.of(
              "nights", "days", "hours", "minutes", "min", "seconds", "s", "weeks", "months",
              "years", "h"),
          "length",
          Set.of("m", "km", "cm", "mm", "ft", "mi", "miles", "metres", "meters", "inches"),
          "weight",
          Set.of("kg", "g", "t", "lb", "oz", "tonnes", "grams", "mg"),
          "temperature",
          Set.of("degrees", "\u00b0c", "c", "\u00b0f", "f", "k", "degrees celsius"),
          "money",
          Set.of("eur", "usd", "gbp", "chf", "euros", "dollars", "pounds"));

  private Dimensions() {}

  /** How many of the units that columns count days in make up a unit of time; months differ. */
  static Map<String, Integer> daysPer(Period.Unit unit) {
    return switch (unit) {
      case DAY -> Map.of("nights", 1, "days", 1);
      case WEEK -> Map.of("nights", 7, "days", 7);
      default -> Map.of();
    };
  }

  /** Whether it measures weight, length or working time, and does not count things. */
  static boolean isPhysical(String unit) {
    return has("weight", unit)
        || has("length", unit)
        || Set.of("hours", "minutes").contains(unit.toLowerCase(Locale.ROOT));
  }

  static boolean has(String dimension, String unit) {
    String lower = unit.toLowerCase(Locale.ROOT);
    Set<String> units = UNITS.getOrDefault(dimension, Set.of());
    return units.contains(lower) || units.contains(lower.substring(lower.lastIndexOf(' ') + 1));
  }
}
