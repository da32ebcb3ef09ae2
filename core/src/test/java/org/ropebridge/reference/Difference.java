package org.ropebridge.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How two answers differ as sets of rows that may hold a row more than once. */
final class Difference {
  private Difference() {}

  /** What one has and the other lacks; empty when they say the same. */
  static Optional<String> between(List<List<Object>> expected, List<List<Object>> found) {
    List<List<Object>> left = new ArrayList<>();
    found.forEach(r -> left.add(values(r)));
    List<List<Object>> lacking = new ArrayList<>();
    for (List<Object> row : expected) {
      Optional<List<Object>> same = left.stream().filter(r -> close(row, r)).findFirst();
      same.ifPresentOrElse(left::remove, () -> lacking.add(row));
    }
    return lacking.isEmpty() && left.isEmpty()
        ? Optional.empty()
        : Optional.of("expected " + some(lacking) + "\nfound    " + some(left));
  }

  private static List<Object> values(List<Object> row) {
    List<Object> values = new ArrayList<>();
    row.forEach(v -> values.add(Values.of(v)));
    return values;
  }

  private static boolean close(List<Object> a, List<Object> b) {
    if (a.size() != b.size()) {
      return false;
    }
    for (int i = 0; i < a.size(); i++) {
      if (!Values.close(a.get(i), b.get(i))) {
        return false;
      }
    }
    return true;
  }

  private static String some(List<List<Object>> rows) {
    return rows.size() + " rows " + rows.subList(0, Math.min(6, rows.size()));
  }
}
