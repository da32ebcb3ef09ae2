package org.ropebridge.language;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.UnitRatio;

/** What people call units of measure, and how many of one make another. */
final class Units {
  /** Units of one kind, by how many of the smallest they are. */
  private static final List<Map<String, Long>> KINDS =
      List.of(
          Map.of("mm", 1L, "cm", 10L, "m", 1_000L, "km", 1_000_000L),
          Map.of("mg", 1L, "g", 1_000L, "kg", 1_000_000L, "t", 1_000_000_000L),
          Map.of("ml", 1L, "l", 1_000L, "m3", 1_000_000L),
          Map.of("s", 1L, "min", 60L, "h", 3_600L));

  private final Map<String, List<String>> names;
  private final UnaryOperator<String> singular;

  /**
   * Units as a language calls them.
   *
   * @param names other names of a unit, by its shortest
   * @param singular the singular of a word
   */
  Units(Map<String, List<String>> names, UnaryOperator<String> singular) {
    this.names = names;
    this.singular = singular;
  }

  /** What people call a unit besides its own name: metres "m", and "m" metres. */
  List<String> namesOf(String unit) {
    List<String> own = names.get(unit);
    if (own != null) {
      return own;
    }
    String plain = singular.apply(Tokens.plain(unit));
    return names.entrySet().stream()
        .filter(e -> e.getValue().contains(plain))
        .findFirst()
        .map(
            e ->
                Stream.concat(Stream.of(e.getKey()), e.getValue().stream())
                    .filter(n -> !n.equals(plain))
                    .toList())
        .orElse(List.of());
  }

  /** Names of other units of the same kind, and how they compare. */
  Map<String, UnitRatio> like(String unit) {
    Map<String, UnitRatio> like = new LinkedHashMap<>();
    String plain = Tokens.plain(unit);
    for (Map<String, Long> kind : KINDS) {
      kind.forEach(
          (own, size) -> {
            if (isCalled(own, plain) || isCalled(own, singular.apply(plain))) {
              kind.forEach(
                  (other, otherSize) -> {
                    if (!other.equals(own)) {
                      UnitRatio ratio = new UnitRatio(otherSize, size);
                      like.put(other, ratio);
                      namesOf(other).forEach(n -> like.put(n, ratio));
                    }
                  });
            }
          });
    }
    return like;
  }

  private boolean isCalled(String unit, String name) {
    return unit.equals(name) || namesOf(unit).contains(name);
  }
}
