package org.ropebridge.model;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/** Finds the name that someone may have meant. */
public final class Nearest {
  private Nearest() {}

  /** The candidate that is fewest slips away, if it is near enough to be meant. */
  public static Optional<String> to(String word, Collection<String> candidates) {
    return candidates.stream()
        .filter(c -> distance(word, c) <= Math.max(1, Math.min(word.length(), c.length()) / 3))
        .min(Comparator.comparingInt((String c) -> distance(word, c)).thenComparing(c -> c));
  }

  /** "did you mean x?", or the list of what there is. */
  public static String hint(String word, Collection<String> candidates) {
    return to(word, candidates)
        .map(c -> "did you mean " + c + "?")
        .orElseGet(
            () ->
                candidates.isEmpty()
                    ? ""
                    : "known are " + String.join(", ", candidates.stream().sorted().toList()));
  }

  /**
   * Number of inserted, dropped, changed or swapped neighbouring letters between two words
   * (Damerau-Levenshtein, optimal string alignment).
   */
  public static int distance(String a, String b) {
    int[][] d = new int[a.length() + 1][b.length() + 1];
    for (int i = 0; i <= a.length(); i++) {
      for (int j = 0; j <= b.length(); j++) {
        if (i == 0 || j == 0) {
          d[i][j] = i + j;
          continue;
        }
        int change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
        d[i][j] = Math.min(Math.min(d[i - 1][j] + 1, d[i][j - 1] + 1), d[i - 1][j - 1] + change);
        if (i > 1
            && j > 1
            && a.charAt(i - 1) == b.charAt(j - 2)
            && a.charAt(i - 2) == b.charAt(j - 1)) {
          d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
        }
      }
    }
    return d[a.length()][b.length()];
  }
}
