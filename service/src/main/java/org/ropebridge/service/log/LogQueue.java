package org.ropebridge.service.log;

import jakarta.annotation.PreDestroy;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Writes the log behind the answers, many questions at once: an answer does not wait for it, and
 * people who ask at the same time do not wait for one another's counts.
 */
@Component
class LogQueue {
  private static final Logger LOG = LoggerFactory.getLogger(LogQueue.class);
  private static final int MOST_WAITING = 20_000;
  private static final int MOST_AT_ONCE = 500;

  private final BlockingQueue<LoggedQuestion> waiting = new ArrayBlockingQueue<>(MOST_WAITING);
  private final LoggedQuestions questions;
  private final EntityManager entities;
  private final TransactionTemplate transaction;

  LogQueue(
      LoggedQuestions questions, EntityManager entities, PlatformTransactionManager transactions) {
    this.questions = questions;
    this.entities = entities;
    this.transaction = new TransactionTemplate(transactions);
    // Also while someone reads the log in a transaction of their own.
    this.transaction.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
  }

  /** Keeps a question soon; at once when very many are waiting. */
  void add(LoggedQuestion question) {
    while (!waiting.offer(question)) {
      flush();
    }
  }

  /** Writes all that is waiting; what was added before is in the database when it returns. */
  @Scheduled(fixedDelay = 200, timeUnit = TimeUnit.MILLISECONDS)
  synchronized void flush() {
    List<LoggedQuestion> some = new ArrayList<>();
    while (waiting.drainTo(some, MOST_AT_ONCE) > 0) {
      try {
        transaction.executeWithoutResult(status -> write(some));
      } catch (RuntimeException e) {
        // Answers go on without a log; that it has a hole must be seen.
        LOG.error("{} questions could not be logged", some.size(), e);
      }
      some.clear();
    }
  }

  /** Where a question is counted. */
  private record Place(String model, int edition, String status) {}

  private void write(List<LoggedQuestion> some) {
    Map<Place, List<LoggedQuestion>> counted = new LinkedHashMap<>();
    for (LoggedQuestion question : some) {
      entities.persist(question);
      counted
          .computeIfAbsent(
              new Place(question.modelName(), question.edition(), question.status()),
              p -> new ArrayList<>())
          .add(question);
    }
    entities.flush();
    counted.forEach(
        (place, of) ->
            questions.tally(
                place.model(),
                of.get(0).askedAt(),
                place.edition(),
                place.status(),
                of.size(),
                0,
                0));
  }

  @PreDestroy
  void close() {
    flush();
  }
}
