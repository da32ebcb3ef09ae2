package org.ropebridge.service.questions;

import io.micrometer.core.instrument.MeterRegistry;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.ropebridge.answer.Charts;
import org.ropebridge.answer.Explanations;
import org.ropebridge.answer.Notice;
import org.ropebridge.answer.Notices;
import org.ropebridge.answer.Rows;
import org.ropebridge.answer.Totals;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.UsedItems;
import org.ropebridge.reading.AuthorSql;
import org.ropebridge.reading.FollowUp;
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
import org.ropebridge.sql.NotAllowed;
import org.ropebridge.sql.SampleSql;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.steering.Handles;
import org.ropebridge.steering.NextQuestions;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Takes a question through all its steps. */
@Service
public class Asking {
  /** Trying each costs a statement. */
  private static final int MOST_LIMITS_TRIED = 4;

  /** In the log, of a question that was read and could not be computed. */
  private static final String FAILED = "failed";

  private final Engines engines;
  private final Statements statements;
  private final ThreadService threads;
  private final QuestionLog log;
  private final NotInData notInData;
  private final OwnWords ownWords;
  private final ApplicationEventPublisher events;
  private final MeterRegistry meters;
  private final Settings settings;

  Asking(
      Engines engines,
      Statements statements,
      ThreadService threads,
      QuestionLog log,
      NotInData notInData,
      OwnWords ownWords,
      ApplicationEventPublisher events,
      MeterRegistry meters,
      Settings settings) {
    this.engines = engines;
    this.statements = statements;
    this.threads = threads;
    this.log = log;
    this.notInData = notInData;
    this.ownWords = ownWords;
    this.events = events;
    this.meters = meters;
    this.settings = settings;
  }

  /** Times the steps of one question. */
  private static final class Trail {
    private static final double NANOS = 1_000_000.0;
    private final List<AnswerPart.StepPart> steps = new ArrayList<>();
    private long since = System.nanoTime();

    double milliseconds() {
      return steps.stream().mapToDouble(AnswerPart.StepPart::milliseconds).sum();
    }

    void done(String step) {
      long now = System.nanoTime();
      steps.add(new AnswerPart.StepPart(step, Math.round((now - since) / NANOS * 1000) / 1000.0));
      since = now;
    }
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
    return withoutRows(new Answering(engine, reading, trail, question.explain(), null, null));
  }

  /** Reads a whole question by an engine that is not the published one. */
  public AnswerPart read(Engine engine, String question) {
    Trail trail = new Trail();
    Reading reading = engine.reader().read(question);
    trail.done("reading");
    return withoutRows(new Answering(engine, reading, trail, false, null, null));
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
    boolean startsAgain = reading.followUp().filter(FollowUp::startsAgain).isPresent();
    // Who looks at the use does not change it.
    boolean isUse = question.model().equals(ModelService.USAGE);
    UUID logged = startsAgain || isUse ? null : UUID.randomUUID();
    Answering answering = new Answering(engine, reading, trail, question.explain(), kept, logged);
    Instant at = Instant.now();
    String leansOn = reading.followUp().isPresent() ? before.get(0) : "";
    try {
      AnswerPart answer = answer(answering, question.account().name(), running, read);
      keep(question, answering, at, leansOn, status(reading), answer.rows().size());
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
    String status = status(reading);
    String restatement = reading.plan().flatMap(p -> reading.restatement()).orElse("");
    return threads.keep(
        question.account(),
        question.model(),
        place,
        new Asked(question.text(), status, restatement, engine.edition()));
  }

  private static String status(Reading reading) {
    boolean startsAgain = reading.followUp().filter(FollowUp::startsAgain).isPresent();
    return startsAgain ? Asked.STARTED_AGAIN : reading.status().name().toLowerCase(Locale.ROOT);
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

  /** What an answer is made of besides its rows. */
  private record Answering(
      Engine engine,
      Reading reading,
      Trail trail,
      boolean explain,
      ThreadService.Kept kept,
      UUID logged) {}

  private AnswerPart withoutRows(Answering answering) {
    return part(answering, Optional.empty(), List.of(), List.of());
  }

  private AnswerPart answer(
      Answering answering, String asker, Running running, Consumer<Supplier<AnswerPart>> read) {
    Engine engine = answering.engine();
    Reading reading = answering.reading();
    if (reading.plan().isEmpty() && reading.sql().isEmpty()) {
      return withoutRows(answering);
    }
    read.accept(() -> withoutRows(answering));
    if (reading.sql().isPresent()) {
      return bySql(answering, asker, running);
    }
    Trail trail = answering.trail();
    Plan plan = reading.plan().get();
    int shownRows = engine.access().model().preferences().rowsShown();
    SqlQuery query = sql(engine, plan, shownRows);
    trail.done("sql");
    List<List<Object>> rows = rows(engine, plan, query, asker, running);
    trail.done("warehouse");
    List<Notice> told = new ArrayList<>(engine.notices().of(reading, query, rows));
    if (Notices.isNothing(plan, rows)) {
      List<Filter> emptying = emptying(engine, plan, asker, running);
      if (!emptying.isEmpty()) {
        told.add(engine.notices().emptied(emptying));
      }
    }
    List<AnswerPart.NoticePart> notices = told.stream().map(AnswerPart.NoticePart::of).toList();
    List<List<Object>> cut = rows.subList(0, Math.min(rows.size(), query.rowLimit()));
    List<List<Object>> shown = Rows.shown(cut, plan, engine.access().model());
    trail.done("answer");
    return part(answering, Optional.of(query), shown, notices);
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
    SqlQuery query = sql(engine, plan, settings.warehouse().exportedRows());
    List<List<Object>> rows = rows(engine, plan, query, question.account().name(), new Running());
    if (rows.size() > query.rowLimit()) {
      throw new Problem(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "too-many-rows",
          "There are more than "
              + query.rowLimit()
              + " rows, the most that are let out at once. "
              + howToNarrow(plan));
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
  List<Handles.Option> options(Question question, Optional<Integer> part) {
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
    return part.map(p -> engine.steering().handles().options(plan, p))
        .orElseGet(() -> engine.steering().handles().additions(plan));
  }

  /** How a question reads that is still being typed, and what it may become. */
  TypingPart typing(Question question) {
    Engine engine = engines.of(question.model(), question.account().person());
    List<Plan> before = plans(engine, before(question));
    Reading reading = reader(engine, question).read(question.text(), before);
    return new TypingPart(
        reading.status().name().toLowerCase(Locale.ROOT),
        reading.restatement().orElse(""),
        reading.words().stream().map(AnswerPart.WordPart::of).toList(),
        reading.unread(),
        reading.followUp().isPresent(),
        engine.steering().completions().of(reading, before));
  }

  /** The limits without any one of which an empty answer would hold something. */
  private List<Filter> emptying(Engine engine, Plan plan, String asker, Running running) {
    boolean comparesTimes = plan.measures().stream().anyMatch(Measure.Compared.class::isInstance);
    List<Filter> emptying = new ArrayList<>();
    for (Filter filter : plan.filters()) {
      boolean needed = comparesTimes && filter instanceof Filter.InPeriod;
      if (needed || plan.filters().size() > MOST_LIMITS_TRIED) {
        continue;
      }
      Plan less = plan.withFilters(plan.filters().stream().filter(f -> !f.equals(filter)).toList());
      SqlQuery query = sql(engine, less, 1);
      if (!Notices.isNothing(less, rows(engine, less, query, asker, running))) {
        emptying.add(filter);
      }
    }
    return emptying;
  }

  /** Answers by the SQL that the author wrote for the question. */
  private AnswerPart bySql(Answering answering, String asker, Running running) {
    Engine engine = answering.engine();
    Reading reading = answering.reading();
    Trail trail = answering.trail();
    AuthorSql sql = reading.sql().orElseThrow();
    Model model = engine.access().model();
    SqlQuery query = SampleSql.write(sql.sample(), sql.values(), model);
    List<String> names = SampleSql.columns(sql.sample());
    trail.done("sql");
    Statements.Task task =
        new Statements.Task(
            SampleSql.source(sql.sample(), model),
            query.text(),
            query.parameters(),
            names.size(),
            query.rowLimit() + 1);
    List<List<Object>> rows = rows(task, asker, running, "Tell the author of the sample question.");
    trail.done("warehouse");
    List<AnswerPart.NoticePart> notices =
        engine.notices().ofAuthorSql(reading, query, rows).stream()
            .map(AnswerPart.NoticePart::of)
            .toList();
    List<List<Object>> cut = rows.subList(0, Math.min(rows.size(), query.rowLimit()));
    SqlQuery withColumns =
        new SqlQuery(
            query.text(),
            query.parameters(),
            query.readable(),
            Rows.columns(names, cut),
            query.rowLimit());
    trail.done("answer");
    return part(answering, Optional.of(withColumns), Rows.shown(cut), notices);
  }

  private static SqlQuery sql(Engine engine, Plan plan, int rowLimit) {
    try {
      return engine.writer().write(plan, rowLimit);
    } catch (NotAllowed e) {
      throw new Problem(HttpStatus.FORBIDDEN, "groups-only", e.getMessage());
    }
  }

  private List<List<Object>> rows(
      Engine engine, Plan plan, SqlQuery query, String asker, Running running) {
    Statements.Task task =
        new Statements.Task(
            source(engine, plan),
            query.text(),
            query.parameters(),
            query.columns().size(),
            query.rowLimit() + 1);
    return rows(task, asker, running, howToNarrow(plan));
  }

  /** The rows of a task; what would cost too much is refused with advice. */
  private List<List<Object>> rows(
      Statements.Task task, String asker, Running running, String advice) {
    try {
      return statements.answer(task, asker, running);
    } catch (Statements.TooCostly e) {
      throw new Problem(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "too-costly",
          "The warehouse expects too much work for this question ("
              + e.getMessage()
              + "). "
              + advice);
    }
  }

  private static String howToNarrow(Plan plan) {
    if (plan.filters().stream().noneMatch(Filter.InPeriod.class::isInstance)) {
      return "Ask for a period, for example \"last month\".";
    } else if (plan.groupings().size() > 1) {
      return "Ask for fewer breakdowns at once, or for a shorter period.";
    }
    return "Ask for a shorter period, or for one of what it is broken down by.";
  }

  /** The one source that the plan's tables live in. */
  private static String source(Engine engine, Plan plan) {
    List<String> sources =
        MeasureTables.of(plan, engine.access().model()).stream()
            .map(t -> engine.access().model().table(t).source())
            .distinct()
            .toList();
    if (sources.size() != 1) {
      throw new Problem(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "several-sources",
          "This question needs several sources ("
              + String.join(", ", sources)
              + "), and one answer comes from one source. Ask for one of them.");
    }
    return sources.get(0);
  }

  /** Why a question is not answered in full, and what its author says to that. */
  private String reason(Engine engine, Reading reading) {
    return notInData
        .sentence(engine.model(), Proposals.unreadStretches(reading))
        .map(s -> (reading.reason() + " " + s).strip())
        .orElse(reading.reason());
  }

  private AnswerPart part(
      Answering answering,
      Optional<SqlQuery> query,
      List<List<Object>> rows,
      List<AnswerPart.NoticePart> notices) {
    Engine engine = answering.engine();
    Reading reading = answering.reading();
    Optional<Explanations.Explained> explained = reading.about().map(engine.explanations()::of);
    boolean list =
        reading.plan().filter(p -> p.picture().isEmpty() && isBestAsTable(p)).isPresent();
    Optional<Map<String, Object>> chart =
        (list ? Optional.<SqlQuery>empty() : query)
            .flatMap(
                q -> Charts.of(q.columns(), rows.size(), reading.plan().flatMap(Plan::picture)));
    return new AnswerPart(
        reading.question(),
        status(reading),
        reading.restatement().orElse(""),
        reason(engine, reading),
        reading.words().stream().map(AnswerPart.WordPart::of).toList(),
        reading.unread(),
        reading.plan().orElse(null),
        query
            .map(q -> q.columns().stream().map(AnswerPart.AnswerColumn::of).toList())
            .orElse(List.of()),
        rows,
        query.flatMap(q -> reading.plan().map(p -> totals(engine, p, q, rows))).orElse(List.of()),
        query.map(SqlQuery::text).orElse(""),
        query.map(SqlQuery::readable).orElse(""),
        query.map(q -> q.parameters().stream().map(Asking::plain).toList()).orElse(List.of()),
        chart.orElse(null),
        reading.plan().stream()
            .flatMap(p -> engine.steering().handles().of(p).stream())
            .map(AnswerPart.PlanPart::of)
            .toList(),
        query
            .flatMap(q -> reading.plan().map(p -> narrative(engine, p, q, rows)))
            .orElse(List.of()),
        query
            .flatMap(q -> reading.plan().map(p -> engine.steering().next().after(p, rows.size())))
            .orElse(List.of()),
        query.flatMap(q -> reading.plan()).map(p -> behind(engine, p)).orElse(List.of()),
        explained
            .map(Explanations.Explained::definitions)
            .or(() -> reading.plan().map(engine.definitions()::of))
            .orElse(List.of()),
        notices,
        reading.choices().stream()
            .map(c -> new AnswerPart.AlternativePart(c.restatement()))
            .toList(),
        explained.map(Explanations.Explained::questions).orElse(reading.suggestions()),
        engine.proposed(reading),
        answering.trail().steps,
        answering.explain() ? reading.explanation() : null,
        reading.followUp().filter(f -> !f.startsAgain()).orElse(null),
        explained.map(e -> new AnswerPart.ExplainedPart(e.title(), e.sentences())).orElse(null),
        answering.kept(),
        answering.logged(),
        engine.model(),
        engine.edition());
  }

  /** Rows are not listed to those who must not tell them apart. */
  private static List<NextQuestions.Next> behind(Engine engine, Plan plan) {
    return engine.access().groupSizes().isEmpty() ? engine.steering().behind().of(plan) : List.of();
  }

  private static List<Object> totals(
      Engine engine, Plan plan, SqlQuery query, List<List<Object>> rows) {
    return Totals.of(plan, rows, isWhole(query, rows), engine.access().model());
  }

  private static boolean isWhole(SqlQuery query, List<List<Object>> rows) {
    return rows.size() < query.rowLimit();
  }

  private static List<AnswerPart.SentencePart> narrative(
      Engine engine, Plan plan, SqlQuery query, List<List<Object>> rows) {
    return engine.narrative().of(plan, query.columns(), rows, isWhole(query, rows)).stream()
        .map(AnswerPart.SentencePart::of)
        .toList();
  }

  /** Lists of rows, and the first few of each group, are read and not compared by length. */
  private static boolean isBestAsTable(Plan plan) {
    return plan.listing().isPresent() || plan.ranking().flatMap(Plan.Ranking::within).isPresent();
  }

  private static Object plain(Object parameter) {
    return parameter instanceof Number ? parameter : parameter.toString();
  }
}
