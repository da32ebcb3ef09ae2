package org.ropebridge.language;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What people call units of measure, and how many of one make another. */
final class EnglishUnits {
  /**
   * Units of one kind.
   *
   * @param units names by which models and people call them, by how many of the smallest they are
   */
  private record Kind(Map<List<String>, Long> units) {}

  private static final List<Kind> KINDS =
      List.of(
          new Kind(
              Map.of(
                  List.of("mm", "millimetre", "millimeter"), 1L,
                  List.of("cm", "centimetre", "centimeter"), 10L,
                  List.of("m", "metre", "meter"), 1_000L,
                  List.of("km", "kilometre", "kilometer", "kms"), 1_000_000L)),
          new Kind(
              Map.of(
                  List.of("mg", "milligram"), 1L,
                  List.of("g", "gram"), 1_000L,
                  List.of("kg", "kilogram", "kilo"), 1_000_000L,
                  List.of("t", "tonne", "ton"), 1_000_000_000L)),
          new Kind(
              Map.of(
                  List.of("ml", "millilitre", "milliliter"), 1L,
                  List.of("l", "litre", "liter"), 1_000L,
                  List.of("m3", "cubic metre", "cubic meter"), 1_000_000L)),
          new Kind(
              Map.of(
                  List.of("s", "second", "sec"), 1L,
                  List.of("min", "minute", "mins"), 60L,
                  List.of("h", "hour", "hr", "hrs"), 3_600L)));

  private static final Map<String, List<String>> MONEY =
      Map.of(
          "EUR", List.of("euro", "\u20ac"),
          "USD", List.of("dollar", "$"),
          "GBP", List.of("pound", "\u00a3"));

  private EnglishUnits() {}

  /** What people call a unit besides its own name. */
  static List<String> namesOf(String unit) {
    return KINDS.stream()
        .flatMap(k -> k.units().keySet().stream())
        .filter(names -> names.get(0).equals(unit))
        .findFirst()
        .map(names -> names.subList(1, names.size()))
        .orElseGet(() -> MONEY.getOrDefault(unit, List.of()));
  }

  /** Names of units that are whole, or decimal, multiples of the unit. */
  static Map<String, BigDecimal> multiplesOf(String unit) {
    String singular = EnglishInflection.singular(unit);
    Map<String, BigDecimal> multiples = new LinkedHashMap<>();
    for (Kind kind : KINDS) {
      for (Map.Entry<List<String>, Long> own : kind.units().entrySet()) {
        if (own.getKey().contains(unit) || own.getKey().contains(singular)) {
          kind.units()
              .forEach(
                  (names, size) -> {
                    if (!names.equals(own.getKey())) {
                      put(multiples, names, size, own.getValue());
                    }
                  });
        }
      }
    }
    return multiples;
  }

  private static void put(
      Map<String, BigDecimal> multiples, List<String> names, long size, long own) {
    boolean exact = size % own == 0 || isPowerOfTen(own / size) && own % size == 0;
    if (exact) {
      BigDecimal factor =
          BigDecimal.valueOf(size).divide(BigDecimal.valueOf(own)).stripTrailingZeros();
      names.forEach(n -> multiples.put(n, factor));
    }
  }

  private static boolean isPowerOfTen(long number) {
    long rest = number;
    while (rest > 1 && rest % 10 == 0) {
      rest /= 10;
    }
    return rest == 1;
  }
}
