package org.ropebridge.lexicon;

import java.util.List;

/**
 * The words of a question about the model itself, around what it is about.
 *
 * @param words plain words in order; {@link #SLOT} stands for one or more words that name an item
 */
public record AboutFrame(Kind kind, List<String> words) {
  public static final String SLOT = "*";

  public AboutFrame {
    words = List.copyOf(words);
  }

  /** A frame written as one text: {@code "what does * mean"}. */
  public static AboutFrame of(Kind kind, String text) {
    return new AboutFrame(kind, List.of(text.split(" ")));
  }

  /** How many words it has besides what it is about. */
  public int fixedWords() {
    return (int) words.stream().filter(w -> !w.equals(SLOT)).count();
  }

  /** What is asked of the model. */
  public enum Kind {
    /** What an item means and how it is computed. */
    MEANING,
    /** The same, unless the item is named as a thing that there is: "what is the occupancy". */
    MEANING_OF_BARE_NAME,
    /** Which tables and source an item comes from. */
    ORIGIN,
    /** What can be asked. */
    COVERAGE,
    /** Which metrics there are. */
    METRICS,
    /** Which tables there are. */
    TABLES,
    /** How two tables hang together. */
    RELATION,
    /** How two items differ, where the one minus the other says nothing. */
    CONTRAST,
    /** How recent the data is, all of it or that of a table. */
    RECENCY,
    /** From when to when there is data, all of it or that of an item. */
    EXTENT,
    /** Which values a column has. */
    VALUES,
    /** By what numbers can be broken down, all of them or one. */
    BREAKDOWNS,
    /** Which day it is, and when years, weeks and seasons begin. */
    CALENDAR,
    /** When a season or an occasion is. */
    WHEN_NAMED,
    /** Who may see what. */
    ACCESS,
    /** What the number of the answer before means. */
    MEANING_OF_ANSWER,
    /** Where it comes from. */
    ORIGIN_OF_ANSWER;

    /** Whether it only makes sense behind an answer. */
    public boolean isOfAnswer() {
      return this == MEANING_OF_ANSWER || this == ORIGIN_OF_ANSWER;
    }
  }
}
