package org.ropebridge.answer;

/**
 * Something that the reader of an answer must know.
 *
 * @param kind stable word for programs
 * @param text for people
 */
public record Notice(Kind kind, String text) {
  /** What a notice is about. */
  public enum Kind {
    PARTLY,
    SAMPLE,
    SPELLING,
    /** A word means what the person has said. */
    OWN_WORD,
    ASSUMED,
    PERIOD,
    INCOMPLETE,
    EMPTY,
    CUT,
    TIES,
    PICTURE,
    NO_VALUE,
    LIMITED
  }
}
