package org.ropebridge.survey;

import java.util.List;

/**
 * Columns whose values stand in one row only.
 *
 * @param proof how that is known
 */
public record Key(List<String> columns, Proof proof) {
  public Key {
    columns = List.copyOf(columns);
  }

  /** How something is known of a table. */
  public enum Proof {
    /** The warehouse holds its rows to it. */
    DECLARED,
    /** All rows were looked at. */
    VERIFIED,
    /** It holds in the rows that were looked at; looking at all took too long. */
    IN_SAMPLE
  }

  public boolean hasOneColumn() {
    return columns.size() == 1;
  }
}
