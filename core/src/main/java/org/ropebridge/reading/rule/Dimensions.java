package org.ropebridge.reading.rule;

import java.util.Locale;
import java.util.Map;
import java.util.Set;

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

  static boolean has(String dimension, String unit) {
    return UNITS.getOrDefault(dimension, Set.of()).contains(unit.toLowerCase(Locale.ROOT));
  }
}
