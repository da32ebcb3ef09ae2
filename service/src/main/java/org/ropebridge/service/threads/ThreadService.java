package org.ropebridge.service.threads;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.problems.Problem;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the threads of each person; nobody sees those of others. */
@Service
public class ThreadService {
  private static final int MOST_LISTED = 200;

  /** A follow-up leans on few questions before it; "go back" needs the last but one. */
  private static final int MOST_BEFORE = 2;

  private final QuestionThreads threads;
  private final Turns turns;

  ThreadService(QuestionThreads threads, Turns turns) {
    this.threads = threads;
    this.turns = turns;
  }

  /**
   * Where a question stands.
   *
   * @param thread the thread; empty for one that begins with it
   * @param after the turn that it may lean on; empty for the last one of the thread
   */
  public record Place(Optional<UUID> thread, Optional<UUID> after) {}

  /** A turn as it was kept. */
  public record Kept(UUID thread, UUID turn, String title) {}

  /**
   * The restatements of the questions that one asked at the place may lean on, the last one first.
   *
   * @throws Problem if there is no such thread or turn of the account
   */
  @Transactional(readOnly = true)
  public List<String> before(Account account, String model, Place place) {
    if (place.thread().isEmpty()) {
      return List.of();
    }
    QuestionThread thread = of(account, place.thread().get());
    if (!thread.modelName().equals(model)) {
      throw Problem.badRequest(
          "other-model",
          "This thread is about the model \"" + thread.modelName() + "\". Start another thread.");
    }
    return before(after(thread, place));
  }

  /** The different questions that an account asked a model, the newest first. */
  @Transactional(readOnly = true)
  public List<String> asked(Account account, String model, int most) {
    return turns.findQuestions(account.id(), model, Limit.of(most));
  }

  private static List<String> before(Optional<Turn> last) {
    List<String> restatements = new ArrayList<>();
    Optional<Turn> turn = last;
    while (turn.isPresent() && !turn.get().startsAgain() && restatements.size() < MOST_BEFORE) {
      if (!turn.get().restatement().isEmpty()) {
        restatements.add(turn.get().restatement());
      }
      turn = turn.get().after();
    }
    return restatements;
  }

  private Optional<Turn> after(QuestionThread thread, Place place) {
    if (place.after().isEmpty()) {
      return turns.findFirstByThreadIdOrderByNumberDesc(thread.id());
    }
    return Optional.of(turn(thread, place.after().get()));
  }

  private Turn turn(QuestionThread thread, UUID id) {
    return turns
        .findByIdAndThreadId(id, thread.id())
        .orElseThrow(
            () -> Problem.notFound("no-such-turn", "This thread has no such question any more."));
  }

  /** Keeps a question that was asked at a place. */
  @Transactional
  public Kept keep(Account account, String model, Place place, Asked asked) {
    QuestionThread thread =
        place
            .thread()
            .map(id -> threads.lock(id, account.id()).orElseThrow(ThreadService::noSuchThread))
            .orElseGet(() -> threads.save(new QuestionThread(account, model, asked.question())));
    int number =
        turns.findFirstByThreadIdOrderByNumberDesc(thread.id()).map(t -> t.number() + 1).orElse(1);
    Turn turn = turns.save(new Turn(thread, number, after(thread, place), asked));
    thread.asked();
    return new Kept(thread.id(), turn.id(), thread.title());
  }

  /**
   * The account's threads about a model, the one asked in last first.
   *
   * @param words what titles or questions have in them; blank for all
   */
  @Transactional(readOnly = true)
  public List<ThreadPart> find(Account account, String model, String words) {
    String like =
        words
            .strip()
            .toLowerCase(Locale.ROOT)
            .replace("!", "!!")
            .replace("%", "!%")
            .replace("_", "!_");
    return threads.find(account.id(), model, "%" + like + "%", Limit.of(MOST_LISTED)).stream()
        .map(t -> ThreadPart.of(t, List.of()))
        .toList();
  }

  /** A thread with its questions. */
  @Transactional(readOnly = true)
  public ThreadPart get(Account account, UUID id) {
    QuestionThread thread = of(account, id);
    return ThreadPart.of(thread, turns.findAllByThreadIdOrderByNumber(id));
  }

  /**
   * A question of a thread, to be answered anew.
   *
   * @param before restatements of what it may have leaned on, the last one first
   */
  public record Again(
      String model, String question, String restatement, List<String> before, Kept kept) {}

  /** What is needed to answer a kept question anew. */
  @Transactional(readOnly = true)
  public Again again(Account account, UUID id, UUID turnId) {
    QuestionThread thread = of(account, id);
    Turn turn = turn(thread, turnId);
    return new Again(
        thread.modelName(),
        turn.question(),
        turn.restatement(),
        before(turn.after()),
        new Kept(thread.id(), turn.id(), thread.title()));
  }

  @Transactional
  ThreadPart rename(Account account, UUID id, String title) {
    QuestionThread thread = of(account, id);
    thread.rename(title.strip());
    return ThreadPart.of(thread, List.of());
  }

  @Transactional
  void delete(Account account, UUID id) {
    threads.delete(of(account, id));
  }

  /** Deletes all threads of an account. */
  @Transactional
  public void deleteAll(Account account) {
    threads.deleteByAccountId(account.id());
  }

  private QuestionThread of(Account account, UUID id) {
    return threads.findByIdAndAccountId(id, account.id()).orElseThrow(ThreadService::noSuchThread);
  }

  private static Problem noSuchThread() {
    return Problem.notFound("no-such-thread", "You have no such thread. It may have been deleted.");
  }
}
