package org.ropebridge.model;

import java.util.List;
import java.util.Optional;

/**
 * A number with one agreed definition.
 *
 * @param table the table it is computed over; empty for a metric in terms of other metrics
 * @param sql aggregate expression over the table's columns, or arithmetic over metrics
 * @param unit unit of the number, or empty
 * @param better which direction is good, or empty
 * @param acrossTime how it behaves over time
 * @param shownAs how the number is shown
 * @param date the date column that periods mean, when not the table's main date
 */
public record Metric(
    String name,
    String label,
    Optional<String> table,
    String sql,
    List<String> alsoCalled,
    Optional<String> unit,
    Optional<Better> better,
    AcrossTime acrossTime,
    ShownAs shownAs,
    Optional<String> date,
    String about) {
  public Metric {
    alsoCalled = List.copyOf(alsoCalled);
  }

  /** Which direction of a metric is the good one. */
  public enum Better {
    HIGHER,
    LOWER
  }

  /** Whether a metric adds up over time, or its last value in a period stands for the period. */
  public enum AcrossTime {
    ADDS_UP,
    LAST
  }

  /** How the number is written. */
  public enum ShownAs {
    NUMBER,
    PERCENT,
    MONEY
  }

  public Metric withTable(String newTable) {
    return new Metric(
        name,
        label,
        Optional.of(newTable),
        sql,
        alsoCalled,
        unit,
        better,
        acrossTime,
        shownAs,
        date,
        about);
  }
}
