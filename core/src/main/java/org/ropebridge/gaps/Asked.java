package org.ropebridge.gaps;

import java.util.List;
import java.util.Objects;

/**
 * A question that was asked and what became of it.
 *
 * @param id tells it from others
 * @param person who asked, by a name or a pseudonym; empty when that is not kept
 * @param question as typed
 * @param outcome what became of it
 * @param unread stretches of words that nothing was made of
 * @param choices what it may mean, as it was asked back; empty when it was not
 * @param reason why it was not answered in full, as the person was told; may be empty
 * @param judged what part of the answer is wrong, and what stood there; empty unless judged wrong
 */
public record Asked(
    String id,
    String person,
    String question,
    Outcome outcome,
    List<String> unread,
    List<String> choices,
    String reason,
    String judged) {
  public Asked {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(person, "person");
    unread = List.copyOf(unread);
    choices = List.copyOf(choices);
  }

  /** What became of a question. */
  public enum Outcome {
    ANSWERED,
    PARTLY,
    ASKED_BACK,
    DECLINED,
    JUDGED_WRONG;

    /** Whether the person may not have got what they wanted. */
    public boolean isTrouble() {
      return this != ANSWERED;
    }
  }
}
