package org.ropebridge.health;

import java.util.List;

/**
 * Something that a published model counts on and its warehouse does not have any more.
 *
 * @param item what it is about: a table, {@code table.column}, or what people call an item
 * @param message what is the matter, in a sentence
 * @param breaks what cannot be answered by it; empty where nothing is known to
 */
public record Finding(Kind kind, String item, String message, List<Affected> breaks) {
  public Finding {
    breaks = List.copyOf(breaks);
  }

  /** What is the matter. */
  public enum Kind {
    TABLE_GONE,
    COLUMN_GONE,
    TYPE_CHANGED,
    /** The warehouse refuses the statement of an item for another reason. */
    REFUSED,
    /**
     * A sample question is not read as it was, most often because a value that it names is gone.
     */
    NOT_READ
  }

  /**
   * What cannot be answered.
   *
   * @param kind metric, condition, column, table or question
   * @param name what people call it; of a question its words
   */
  public record Affected(String kind, String name) {}
}
