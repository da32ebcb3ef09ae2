package org.ropebridge.lexicon;

/**
 * A word, number or sign of a question.
 *
 * @param kind what it is
 * @param text as typed
 * @param plain lower case, without accents and possessive endings; what is compared
 * @param start index of its first character in the question
 * @param end index after its last character
 * @param afterDash whether a dash stands between it and what comes before: "May-June"
 */
public record Token(Kind kind, String text, String plain, int start, int end, boolean afterDash) {
  /** Kinds of token. */
  public enum Kind {
    WORD,
    NUMBER,
    ORDINAL,
    DATE,
    QUOTED,
    SIGN,
    /** A stretch in brackets, taken as one. */
    ENCLOSED,
    STOP
  }
}
