package org.ropebridge.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/** Bars of block characters for the numbers of a table. */
final class Bars {
  private static final int WIDTH = 32;
  private static final int MOST = 60;
  private static final String EIGHTHS = "▏▎▍▌▋▊▉█";

  private Bars() {}

  /**
   * A bar for each row, the longest for the largest number; empty where bars would not help: for a
   * single row, for very many, and where a number is below zero.
   */
  static Optional<List<String>> of(JsonNode rows, int column) {
    double most = 0;
    for (JsonNode row : rows) {
      double number = row.get(column).asDouble(0);
      if (number < 0) {
        return Optional.empty();
      }
      most = Math.max(most, number);
    }
    if (rows.size() < 2 || rows.size() > MOST || most == 0) {
      return Optional.empty();
    }
    List<String> bars = new ArrayList<>();
    for (JsonNode row : rows) {
      bars.add(bar(row.get(column).asDouble(0) / most));
    }
    return Optional.of(bars);
  }

  private static String bar(double share) {
    int eighths = (int) Math.round(share * WIDTH * EIGHTHS.length());
    int rest = eighths % EIGHTHS.length();
    return "█".repeat(eighths / EIGHTHS.length())
        + (rest == 0 ? "" : EIGHTHS.substring(rest - 1, rest));
  }
}
