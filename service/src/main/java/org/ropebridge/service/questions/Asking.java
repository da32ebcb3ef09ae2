package org.ropebridge.service.questions;

import io.micrometer.core.instrument.MeterRegistry;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.ropebridge.answer.Rows;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.UsedItems;
import org.ropebridge.reading.Proposals;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.Settings;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.log.LoggedQuestion;
import org.ropebridge.service.log.QuestionLog;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.ownwords.OwnWords;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.sources.Running;
import org.ropebridge.service.sources.Statements;
import org.ropebridge.service.threads.Asked;
import org.ropebridge.service.threads.ThreadService;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.steering.Handles;
import org.ropebridge.steering.NextQuestions;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Takes a question through all its steps. */
@Service
public class Asking {
  /** In the log, of a question that was read and could not be computed. */
  private static final String FAILED = "failed";

  private final Engines engines;
  private final Computing computing;
  private final AnswerParts parts;
  private final ThreadService threads;
  private final QuestionLog log;
  private final OwnWords ownWords;
  private final ApplicationEventPublisher events;
  private final MeterRegistry meters;
  private final Settings settings;

  Asking(
      Engines engines,
      Computing computing,
      AnswerParts parts,
      ThreadService threads,
      QuestionLog log,
      OwnWords ownWords,
      ApplicationEventPublisher events,
      MeterRegistry meters,
      Settings settings) {
    this.engines = engines;
    this.computing = computing;
    this.parts = parts;
    this.threads = threads;
    this.log = log;
    this.ownWords = ownWords;
    this.events = events;
    this.meters = meters;
    this.settings = settings;
  }

  /**
   * A question and who asks it.
   *
   * @param place where in a thread it is kept, if it is
   * @param byItself whether it is a whole question even if it could lean on the one before
   * @param explain whether to say how the reading came about
   * @param chosenFor the logged question that was asked back, if this is what was chosen
   */
  record Question(
      String model,
      String text,
      Account account,
      Optional<ThreadService.Place> place,
      boolean byItself,
      boolean explain,
      Optional<UUID> chosenFor) {}

  /** Reads a question without computing anything. */
  AnswerPart read(Question question) {
    Trail trail = new Trail();
    Engine engine = engines.of(question.model(), question.account().person());
    trail.done("model");
    Reading reading = reading(engine, question);
    trail.done("reading");
    return parts.withoutRows(new Answering(engine, reading, trail, question.explain(), null, null));
  }

  /** Reads a whole question by an engine that is not the published one. */
  public AnswerPart read(Engine engine, String question) {
    Trail trail = new Trail();
    Reading reading = engine.reader().read(question);
    trail.done("reading");
    return parts.withoutRows(new Answering(engine, reading, trail, false, null, null));
  }

  private Reading reading(Engine engine, Question question) {
    return reader(engine, question).read(question.text(), plans(engine, before(question)));
  }

  /** The reader of a person's questions; one that says it all does so in the model's words. */
  private QuestionReader reader(Engine engine, Question question) {
    return question.byItself() ? engine.reader() : ownWords.reader(engine, question.account());
  }

  /** The restatements of the questions that one may lean on, the last one first. */
  private List<String> before(Question question) {
    return question
        .place()
        .filter(p -> !question.byItself())
        .map(p -> threads.before(question.account(), question.model(), p))
        .orElse(List.of());
  }

  /** The plans of questions before, as the model reads them today. */
  private static List<Plan> plans(Engine engine, List<String> restatements) {
    return restatements.stream().flatMap(r -> engine.reader().read(r).plan().stream()).toList();
  }

  /**
   * Answers a question.
   *
   * @param running can be stopped from elsewhere meanwhile
   * @param read is offered the reading before anything is computed
   */
  AnswerPart ask(Question question, Running running, Consumer<Supplier<AnswerPart>> read) {
    Trail trail = new Trail();
    Engine engine = engines.of(question.model(), question.account().person());
    trail.done("model");
    List<String> before = before(question);
    Reading reading = reader(engine, question).read(question.text(), plans(engine, before));
    trail.done("reading");
    meters
        .counter("ropebridge.questions", "status", reading.status().name().toLowerCase(Locale.ROOT))
        .increment();
    ThreadService.Kept kept =
        question.place().map(p -> keep(engine, question, p, reading)).orElse(null);
    question.chosenFor().ifPresent(q -> choose(engine, question, q));
    // Who looks at the use does not change it.
    boolean isUse = question.model().equals(ModelService.USAGE);
    UUID logged = Answering.isOrder(reading) || isUse ? null : UUID.randomUUID();
    Answering answering = new Answering(engine, reading, trail, question.explain(), kept, logged);
    Instant at = Instant.now();
    String leansOn = reading.followUp().isPresent() ? before.get(0) : "";
    try {
      AnswerPart answer = answer(answering, question.account().name(), running, read);
      keep(question, answering, at, leansOn, answering.status(), answer.rows().size());
      return answer;
    } catch (Problem e) {
      keep(question, answering, at, leansOn, FAILED, 0);
      if (e.type().equals(Statements.REFUSED)) {
        events.publishEvent(new Refused(question.model()));
      }
      throw e;
    }
  }

  /** The warehouse refused a statement of a model: the two may not fit any more. */
  public record Refused(String model) {}

  /** Keeps what was chosen, and what words mean for this person by it. */
  private void choose(Engine engine, Question chosen, UUID question) {
    log.choose(chosen.account(), question, chosen.text())
        .ifPresent(
            q -> {
              List<String> before = q.leansOn().isEmpty() ? List.of() : List.of(q.leansOn());
              Reading asked = engine.reader().read(q.question(), plans(engine, before));
              ownWords.choose(chosen.account(), engine, asked, chosen.text());
            });
  }

  /** Keeps a question in the log. */
  private void keep(
      Question question, Answering answering, Instant at, String leansOn, String status, int rows) {
    if (answering.logged() == null) {
      return;
    }
    Reading reading = answering.reading();
    boolean askedBack = reading.status() == Reading.Status.UNCLEAR;
    log.keep(
        answering.logged(),
        question.account(),
        new LoggedQuestion.Entry(
            question.model(),
            answering.engine().edition(),
            at,
            question.text(),
            leansOn,
            status,
            reading.restatement().orElse(""),
            Proposals.unreadStretches(reading),
            askedBack
                ? reading.choices().stream().map(Reading.Choice::restatement).toList()
                : List.of(),
            reading.reason(),
            answering.trail().milliseconds(),
            rows,
            reading.plan().map(p -> used(answering.engine(), p)).orElse(List.of()),
            reading.plan().map(p -> theme(answering.engine(), p)).orElse("")));
  }

  private static List<String> used(Engine engine, Plan plan) {
    return List.copyOf(UsedItems.of(plan, engine.access().model()));
  }

  private static String theme(Engine engine, Plan plan) {
    return engine.reader().restatement().of(UsedItems.theme(plan));
  }

  /** Answers a whole question by an engine that is not the published one; nothing is kept of it. */
  public AnswerPart ask(Engine engine, String question, Account account) {
    Trail trail = new Trail();
    Reading reading = engine.reader().read(question);
    trail.done("reading");
    Answering answering = new Answering(engine, reading, trail, false, null, null);
    return answer(answering, account.name(), new Running(), read -> {});
  }

  private ThreadService.Kept keep(
      Engine engine, Question question, ThreadService.Place place, Reading reading) {
    String status = Answering.status(reading);
    String restatement = reading.plan().flatMap(p -> reading.restatement()).orElse("");
    return threads.keep(
        question.account(),
        question.model(),
        place,
        new Asked(question.text(), status, restatement, engine.edition()));
  }

  /** Answers a question of a thread anew: what it meant when it was asked, over today's data. */
  AnswerPart askAgain(Account account, UUID thread, UUID turn) {
    Trail trail = new Trail();
    ThreadService.Again again = threads.again(account, thread, turn);
    Engine engine = engines.of(again.model(), account.person());
    trail.done("model");
    Reading asAsked =
        ownWords.reader(engine, account).read(again.question(), plans(engine, again.before()));
    boolean meansTheSame =
        again.restatement().isEmpty()
            || asAsked.restatement().equals(Optional.of(again.restatement()));
    Reading reading = meansTheSame ? asAsked : engine.reader().read(again.restatement());
    trail.done("reading");
    Answering answering = new Answering(engine, reading, trail, false, again.kept(), null);
    return answer(answering, account.name(), new Running(), asRead -> {});
  }

  private AnswerPart answer(
      Answering answering, String asker, Running running, Consumer<Supplier<AnswerPart>> read) {
    Reading reading = answering.reading();
    if (reading.plan().isEmpty() && reading.sql().isEmpty()) {
      return parts.withoutRows(answering);
    }
    read.accept(() -> parts.withoutRows(answering));
    return parts.of(answering, computing.compute(answering, asker, running));
  }

  /**
   * All rows of an answer, to be taken along.
   *
   * @throws Problem if nothing can be computed, or there are more rows than are let out
   */
  Exports.Table rows(Question question) {
    Engine engine = engines.of(question.model(), question.account().person());
    Reading reading = reading(engine, question);
    if (reading.plan().isEmpty()) {
      throw new Problem(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "no-rows",
          reading.sql().isPresent()
              ? "Rows of a sample question in SQL cannot be taken along in this version."
              : reading.reason());
    }
    Plan plan = reading.plan().get();
    SqlQuery query = Computing.sql(engine, plan, settings.warehouse().exportedRows());
    List<List<Object>> rows =
        computing.rows(engine, plan, query, question.account().name(), new Running());
    if (rows.size() > query.rowLimit()) {
      throw new Problem(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "too-many-rows",
          "There are more than "
              + query.rowLimit()
              + " rows, the most that are let out at once. "
              + Computing.howToNarrow(plan));
    }
    return new Exports.Table(
        reading.restatement().orElseThrow(),
        query.columns(),
        Rows.shown(rows, plan, engine.access().model()));
  }

  /**
   * What could be done with a part of a plan.
   *
   * @param part its place among the parts; empty for what could be added
   */
  List<Handles.Option> options(Question question, Optional<Integer> part, String words) {
    Engine engine = engines.of(question.model(), question.account().person());
    Plan plan =
        reading(engine, question)
            .plan()
            .orElseThrow(
                () ->
                    Problem.badRequest(
                        "no-plan",
                        "This question has no parts that could be changed. Ask it first."));
    if (part.isPresent() && part.get() >= engine.steering().handles().of(plan).size()) {
      throw Problem.badRequest("no-such-part", "The question has no part " + part.get() + ".");
    }
    return part.map(p -> engine.steering().handles().options(plan, p, words))
        .orElseGet(() -> engine.steering().handles().additions(plan, words));
  }

  /**
   * Lists of the rows behind one row of an answer.
   *
   * @param only follow-ups that keep to the groups of the row
   */
  List<NextQuestions.Next> behind(Question question, List<String> only) {
    Engine engine = engines.of(question.model(), question.account().person());
    Plan whole = reading(engine, question).plan().orElseThrow(Asking::nothingBehind);
    Plan kept = whole;
    for (String more : only) {
      Reading narrowed = reader(engine, question).read(more, List.of(kept));
      kept =
          narrowed
              .plan()
              .filter(p -> narrowed.status() == Reading.Status.ANSWERED)
              .filter(p -> isWithin(p, whole, engine))
              .orElseThrow(Asking::nothingBehind);
    }
    return engine.access().groupSizes().isEmpty() ? engine.steering().behind().of(kept) : List.of();
  }

  private static Problem nothingBehind() {
    return Problem.badRequest(
        "no-rows-behind", "The rows behind this cannot be listed by themselves. Ask for a list.");
  }

  /** "Only July" of the last 30 days is not all of July. */
  private static boolean isWithin(Plan narrowed, Plan whole, Engine engine) {
    return days(whole, engine)
        .map(all -> days(narrowed, engine).filter(all::contains).isPresent())
        .orElse(true);
  }

  private static Optional<DayRange> days(Plan plan, Engine engine) {
    return plan.filters().stream()
        .filter(f -> f instanceof Filter.InPeriod in && !in.negated())
        .map(f -> engine.reader().periods().resolve(((Filter.InPeriod) f).period()))
        .findFirst();
  }

  /**
   * How a question reads that is still being typed, and what it may become.
   *
   * @param withCompletions whether to look for what it may become
   */
  TypingPart typing(Question question, boolean withCompletions) {
    Engine engine = engines.of(question.model(), question.account().person());
    List<Plan> before = plans(engine, before(question));
    Reading reading = reader(engine, question).read(question.text(), before);
    return new TypingPart(
        reading.status().name().toLowerCase(Locale.ROOT),
        reading.restatement().orElse(""),
        reading.words().stream().map(AnswerPart.WordPart::of).toList(),
        reading.unread(),
        reading.followUp().isPresent(),
        withCompletions ? engine.steering().completions().of(reading, before) : List.of());
  }
}
