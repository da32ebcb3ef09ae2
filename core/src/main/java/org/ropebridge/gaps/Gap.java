package org.ropebridge.gaps;

import java.util.List;

/**
 * Questions that fail for the same cause.
 *
 * @param key names the cause, the same every time it is found: kind and words
 * @param kind of the cause
 * @param words what the cause is called: the unread words and what belongs to them, the choices,
 *     the part judged wrong
 * @param phrases the unread words in all ways in which they were written, the most frequent first
 * @param people how many people asked them; a question of nobody counts as one person
 * @param questions the questions, in the order in which they were given
 */
public record Gap(
    String key, Kind kind, String words, List<String> phrases, int people, List<Asked> questions) {
  public Gap {
    phrases = List.copyOf(phrases);
    questions = List.copyOf(questions);
  }

  /** Why questions fail. */
  public enum Kind {
    /** Words were not read. */
    UNREAD,
    /** It could be read in several ways. */
    ASKED_BACK,
    /** The answer was judged wrong. */
    JUDGED_WRONG,
    /** It was declined although every word was read; the words are the reason that was given. */
    DECLINED
  }
}
