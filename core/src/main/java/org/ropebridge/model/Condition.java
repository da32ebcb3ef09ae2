package org.ropebridge.model;

import java.util.List;

/**
 * A named filter that people say, such as "long stay".
 *
 * @param sql expression over the table's columns that is true for rows that meet it
 */
public record Condition(String name, String label, String sql, List<String> alsoCalled) {
  public Condition {
    alsoCalled = List.copyOf(alsoCalled);
  }
}
