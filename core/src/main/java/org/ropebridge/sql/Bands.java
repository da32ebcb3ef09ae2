package org.ropebridge.sql;

import java.math.BigDecimal;
import java.util.List;

/** How bands of numbers are called. */
final class Bands {
  private Bands() {}

  /**
   * The label of the band that begins at an edge.
   *
   * @param index of the edge; -1 for what lies below all
   */
  static String label(List<BigDecimal> edges, int index) {
    if (index < 0) {
      return "under " + edges.get(0).toPlainString();
    }
    String from = edges.get(index).toPlainString();
    if (index == edges.size() - 1) {
      return from + " or more";
    }
    boolean whole = edges.stream().allMatch(e -> e.scale() <= 0);
    return whole
        ? from + " to " + edges.get(index + 1).subtract(BigDecimal.ONE).toPlainString()
        : from + " to under " + edges.get(index + 1).toPlainString();
  }

  /** All labels in their order. */
  static List<String> labels(List<BigDecimal> edges) {
    return java.util.stream.IntStream.range(-1, edges.size())
        .mapToObj(i -> label(edges, i))
        .toList();
  }
}
