package org.ropebridge.service.log;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.accounts.AccountRemoved;
import org.ropebridge.service.accounts.Accounts;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.threads.ThreadService;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the log of questions, by the rules that stewards set. */
@Service
public class QuestionLog {
  private static final int MOST_OF_ONE = 1_000;

  private final LoggedQuestions questions;
  private final LogQueue queue;
  private final StoredLogRules rules;
  private final StoredNews news;
  private final Pseudonyms pseudonyms;
  private final Accounts accounts;
  private final ThreadService threads;
  private final ApplicationEventPublisher events;

  /** How the log tells who asked, as the rules last said; asking does not look it up. */
  private volatile LogRules.People people = LogRules.People.NOBODY;

  QuestionLog(
      LoggedQuestions questions,
      LogQueue queue,
      StoredLogRules rules,
      StoredNews news,
      Pseudonyms pseudonyms,
      Accounts accounts,
      ThreadService threads,
      ApplicationEventPublisher events) {
    this.events = events;
    this.questions = questions;
    this.queue = queue;
    this.rules = rules;
    this.news = news;
    this.pseudonyms = pseudonyms;
    this.accounts = accounts;
    this.threads = threads;
  }

  /**
   * Keeps a question, soon after.
   *
   * @param id what a verdict on it will name
   */
  public void keep(UUID id, Account account, LoggedQuestion.Entry entry) {
    String person =
        switch (people) {
          case NAMES -> account.id().toString();
          case PSEUDONYMS -> pseudonyms.of(account.id());
          case NOBODY -> "";
        };
    queue.add(new LoggedQuestion(id, person, entry));
  }

  /**
   * Keeps what a person chose when they were asked back.
   *
   * @return the question that was asked back; empty if it is not theirs or offered no such choice
   */
  @Transactional
  public Optional<LoggedQuestion> choose(Account account, UUID question, String restatement) {
    queue.flush();
    Optional<LoggedQuestion> asked =
        questions
            .findByIdAndPersonIn(question, pseudonyms.all(account.id()))
            .filter(q -> q.choices().contains(restatement));
    asked.ifPresent(q -> q.choose(restatement));
    return asked;
  }

  /**
   * A question of a person.
   *
   * @throws Problem if it is not theirs, or was deleted
   */
  @Transactional(readOnly = true)
  public LoggedQuestion own(Account account, UUID id) {
    return of(account, id);
  }

  /** Keeps a verdict; one that was given before is replaced. */
  @Transactional
  public void judge(
      Account account,
      UUID id,
      boolean right,
      LoggedQuestion.Part part,
      String about,
      String words) {
    LoggedQuestion question = of(account, id);
    int wasRight = question.verdict().equals("RIGHT") ? 1 : 0;
    int wasWrong = question.verdict().equals("WRONG") ? 1 : 0;
    question.judge(right, part, about, words);
    questions.tally(
        question.modelName(),
        question.askedAt(),
        question.edition(),
        question.status(),
        0,
        (right ? 1 : 0) - wasRight,
        (right ? 0 : 1) - wasWrong);
  }

  /** Hands a question to the authors. */
  @Transactional
  public void askAuthor(Account account, UUID id, String words) {
    of(account, id).askAuthor(words);
  }

  private LoggedQuestion of(Account account, UUID id) {
    queue.flush();
    return questions
        .findByIdAndPersonIn(id, pseudonyms.all(account.id()))
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-question",
                    "The log has no such question of yours. It may have been deleted."));
  }

  /** The questions of a person, the newest first. */
  @Transactional(readOnly = true)
  List<LoggedQuestion> own(Account account) {
    queue.flush();
    return questions.findByPersonInOrderByAskedAtDesc(
        pseudonyms.all(account.id()), Limit.of(MOST_OF_ONE));
  }

  /** Deletes a question of a person. */
  @Transactional
  void delete(Account account, UUID id) {
    questions.delete(of(account, id));
    events.publishEvent(new Deleted(Optional.empty()));
  }

  /** Deletes all that is kept of what a person asked: log, threads, news, words. Counts stay. */
  @Transactional
  int deleteAll(Account account) {
    queue.flush();
    threads.deleteAll(account);
    news.deleteByAccountId(account.id());
    int deleted = questions.deleteByPerson(pseudonyms.all(account.id()));
    events.publishEvent(new Deleted(Optional.of(account.id())));
    return deleted;
  }

  /**
   * What a removed account asked stays until it is too old, so that counts stay right; whose it was
   * cannot be told any more.
   */
  @EventListener
  @Transactional
  public void onRemoved(AccountRemoved removed) {
    queue.flush();
    questions.rename(removed.id().toString(), pseudonyms.of(removed.id()));
  }

  /** The newest questions about a model since a moment, the newest first. */
  @Transactional(readOnly = true)
  public List<LoggedQuestion> since(String model, Instant moment, int most) {
    queue.flush();
    return questions.findByModelNameAndAskedAtAfterOrderByAskedAtDesc(
        model, moment, Limit.of(most));
  }

  /** The items of a model that questions since a moment made use of. */
  @Transactional(readOnly = true)
  public Set<String> used(String model, Instant moment) {
    queue.flush();
    return Set.copyOf(questions.findUsed(model, moment));
  }

  LogRules rules() {
    LogRules now = rules.findById(LogRules.ID).orElseThrow();
    people = now.people();
    return now;
  }

  /** Other replicas learn of a change within seconds. */
  @Scheduled(fixedDelay = 5, timeUnit = TimeUnit.SECONDS)
  void refresh() {
    rules();
  }

  /** Changes the rules; questions that are too old by them are deleted at once. */
  @Transactional
  LogRules change(LogRules.People people, int keepDays, String by) {
    if (keepDays < 1) {
      throw new Problem(
          HttpStatus.BAD_REQUEST, "invalid-days", "Questions are kept for one day at least.");
    }
    LogRules changed = rules();
    changed.change(people, keepDays, by);
    rules.save(changed);
    this.people = people;
    deleteOld();
    return changed;
  }

  /** Deletes what is older than the rules say. */
  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
  @Transactional
  public void deleteOld() {
    if (questions.deleteOlder(Instant.now().minus(Duration.ofDays(rules().keepDays()))) > 0) {
      events.publishEvent(new Deleted(Optional.empty()));
    }
  }

  /**
   * Questions were deleted; what was made of them elsewhere goes, too.
   *
   * @param allOf the account all of whose questions were deleted, if it was that
   */
  public record Deleted(Optional<UUID> allOf) {}

  /** Keeps that an edition answers what was not answered. */
  @Transactional
  public void settle(Collection<UUID> ids, int edition) {
    if (!ids.isEmpty()) {
      questions.settle(ids, edition);
    }
  }

  /**
   * Tells a person that a question of theirs is answered now; once for each question.
   *
   * @param person as the log names them
   */
  @Transactional
  public void tell(String person, String model, String question, int edition) {
    accounts.findAll().stream()
        .filter(a -> pseudonyms.all(a.id()).contains(person))
        .filter(a -> !news.existsByAccountIdAndModelNameAndQuestion(a.id(), model, question))
        .forEach(a -> news.save(new News(a.id(), model, question, edition)));
  }

  @Transactional(readOnly = true)
  List<News> news(Account account) {
    return news.findByAccountIdOrderByToldAtDesc(account.id());
  }

  @Transactional
  void forgetNews(Account account, UUID id) {
    news.deleteByIdAndAccountId(id, account.id());
  }
}
