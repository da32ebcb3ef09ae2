package org.ropebridge.survey;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Finds values that differ only in case, spaces, accents or marks. */
final class Alike {
  private Alike() {}

  /** Groups of two or more such values, each in the order given. */
  static List<List<String>> among(List<String> values) {
    Map<String, List<String>> groups = new LinkedHashMap<>();
    for (String value : values) {
      groups.computeIfAbsent(plain(value), p -> new ArrayList<>()).add(value);
    }
    return groups.entrySet().stream()
        .filter(g -> !g.getKey().isEmpty() && g.getValue().size() > 1)
        .map(g -> List.copyOf(g.getValue()))
        .toList();
  }

  private static String plain(String value) {
    return Normalizer.normalize(value, Normalizer.Form.NFKD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT)
        .replaceAll("(?<=\\p{N})[^\\p{L}\\p{N}]+(?=\\p{N})", "_")
        .replaceAll("[^\\p{L}\\p{N}_]+", "");
  }
}
