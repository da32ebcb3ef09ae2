package org.ropebridge.model.change;

/**
 * One thing that is different.
 *
 * @param kind whether it came, went or is another than before
 * @param item what it is about, as its path in the model's files
 * @param words the change in a sentence
 */
public record Change(Kind kind, String item, String words) {
  /** Whether something came, went or is another than before. */
  public enum Kind {
    ADDED,
    REMOVED,
    CHANGED
  }
}
