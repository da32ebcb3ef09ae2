package org.ropebridge.model;

import java.time.LocalDate;

/**
 * A named stretch of time.
 *
 * @param first first day
 * @param last last day, inclusive
 * @param everyYear whether it comes back on the same days each year from {@code first} on
 */
public record Occasion(String name, LocalDate first, LocalDate last, boolean everyYear) {
  public Occasion {
    if (last.isBefore(first)) {
      throw new IllegalArgumentException(name + " ends before it begins");
    }
  }
}
