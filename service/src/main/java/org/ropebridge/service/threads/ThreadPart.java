package org.ropebridge.service.threads;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A thread as it is sent.
 *
 * @param turns in the order in which they were asked; empty in lists of threads
 */
public record ThreadPart(
    UUID id,
    String model,
    String title,
    Instant startedAt,
    Instant lastAskedAt,
    List<TurnPart> turns) {

  static ThreadPart of(QuestionThread thread, List<Turn> turns) {
    return new ThreadPart(
        thread.id(),
        thread.modelName(),
        thread.title(),
        thread.startedAt(),
        thread.lastAskedAt(),
        turns.stream().map(TurnPart::of).toList());
  }

  /**
   * A question of a thread.
   *
   * @param after the turn that it may lean on; null at the start
   * @param restatement empty where nothing could be computed
   */
  public record TurnPart(
      UUID id,
      UUID after,
      String question,
      String status,
      String restatement,
      int edition,
      Instant askedAt) {
    static TurnPart of(Turn turn) {
      return new TurnPart(
          turn.id(),
          turn.after().map(Turn::id).orElse(null),
          turn.question(),
          turn.status(),
          turn.restatement(),
          turn.edition(),
          turn.askedAt());
    }
  }
}
