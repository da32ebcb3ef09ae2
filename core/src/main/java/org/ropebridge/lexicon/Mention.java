package org.ropebridge.lexicon;

/**
 * A stretch of tokens and something that it may mean.
 *
 * @param from index of its first token
 * @param to index after its last token
 * @param meaning what it may mean
 * @param quality 0 to 1; 1 for words exactly as the model or language has them
 * @param found how it was found
 */
public record Mention(int from, int to, Meaning meaning, double quality, Found found) {
  /** Whether the words have this task. */
  public boolean is(Role role) {
    return meaning.equals(new Meaning.FunctionWord(role));
  }

  /** Whether it is of the same words as the other one. */
  boolean isAt(Mention other) {
    return from == other.from && to == other.to;
  }

  Mention weaker(double factor) {
    return new Mention(from, to, meaning, quality * factor, found);
  }

  /** How a mention was found. */
  public enum Found {
    /** The words as they are written in the model or the language. */
    EXACT,
    /** Another form of the words: a plural, a tense. */
    INFLECTED,
    /** A part of a longer name that is common to several. */
    SHORTENED,
    /** Another word of the language for one of the model's. */
    AKIN,
    /** Words that the person who asks has said to mean it. */
    OWN
  }
}
