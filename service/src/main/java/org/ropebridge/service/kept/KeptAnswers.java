package org.ropebridge.service.kept;

import java.util.List;
import java.util.UUID;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.log.QuestionLog;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.questions.AnswerPart;
import org.ropebridge.service.questions.Asking;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps answers as they are now, and shows them to those who may see just the same. */
@Service
class KeptAnswers {
  private static final int MOST_OF_ONE = 200;
  private static final int LONGEST = 5_000_000;

  private final StoredAnswers stored;
  private final Engines engines;
  private final Asking asking;
  private final JsonMapper json;

  KeptAnswers(StoredAnswers stored, Engines engines, Asking asking, JsonMapper json) {
    this.stored = stored;
    this.engines = engines;
    this.asking = asking;
    this.json = json;
  }

  /**
   * Answers a question once more, and keeps what comes out.
   *
   * @param question the restatement of an answer
   * @throws Problem if it has no answer, or one that is too long to be kept
   */
  KeptAnswer keep(Account account, String model, String question) {
    if (stored.countByAccountId(account.id()) >= MOST_OF_ONE) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "too-many-kept",
          "More than "
              + MOST_OF_ONE
              + " answers are not kept. Delete some under \"My questions\".");
    }
    Engine engine = engines.of(model, account.person());
    AnswerPart answer = asking.ask(engine, question, account);
    if (answer.columns().isEmpty()) {
      throw Problem.badRequest(
          "no-answer", "This question has no answer that could be kept. Ask it first.");
    }
    String text = json.writeValueAsString(answer);
    if (text.length() > LONGEST) {
      throw Problem.badRequest(
          "too-long", "This answer is too long to be kept. Take its rows along as a file.");
    }
    return stored.save(new KeptAnswer(account.id(), model, question, engine.access().key(), text));
  }

  /**
   * An answer as it was.
   *
   * @throws Problem if there is none, or the person sees more or less of the model than it was
   *     computed for
   */
  KeptAnswer open(Account account, UUID id) {
    KeptAnswer kept = stored.findById(id).orElseThrow(KeptAnswers::none);
    Engine engine = engines.of(kept.modelName(), account.person());
    boolean sees =
        kept.accountId().equals(account.id()) || engine.access().key().equals(kept.seenBy());
    if (!sees) {
      throw new Problem(
          HttpStatus.FORBIDDEN,
          "kept-for-others",
          "This answer was kept by somebody who may see other data than you. Ask the question"
              + " yourself: "
              + kept.question());
    }
    return kept;
  }

  List<KeptAnswer> of(Account account) {
    return stored.findByAccountIdOrderByKeptAtDesc(account.id());
  }

  /**
   * Deletes an answer that a person has kept.
   *
   * @throws Problem if they have kept no such answer
   */
  @Transactional
  void delete(Account account, UUID id) {
    if (stored.deleteByIdAndAccountId(id, account.id()) == 0) {
      throw none();
    }
  }

  private static Problem none() {
    return Problem.notFound(
        "no-kept-answer", "There is no such answer. It may have been deleted by who kept it.");
  }

  /** Kept answers go with all else that is kept of what a person asked. */
  @EventListener
  @Transactional
  void deleted(QuestionLog.Deleted event) {
    event.allOf().ifPresent(stored::deleteByAccountId);
  }
}
