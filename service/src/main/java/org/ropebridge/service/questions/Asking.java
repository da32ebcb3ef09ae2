package org.ropebridge.service.questions;

import io.micrometer.core.instrument.MeterRegistry;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.ropebridge.access.Person;
import org.ropebridge.answer.Charts;
import org.ropebridge.answer.Rows;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.AuthorSql;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.sources.Running;
import org.ropebridge.service.sources.Statements;
import org.ropebridge.sql.NotAllowed;
import org.ropebridge.sql.SampleSql;
import org.ropebridge.sql.SqlQuery;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Takes a question through all its steps. */
@Service
class Asking {
  private final Engines engines;
  private final Statements statements;
  private final MeterRegistry meters;

  Asking(Engines engines, Statements statements, MeterRegistry meters) {
    this.engines = engines;
    this.statements = statements;
    this.meters = meters;
  }

  /** Times the steps of one question. */
  private static final class Trail {
    private static final double NANOS = 1_000_000.0;
    private final List<AnswerPart.StepPart> steps = new ArrayList<>();
    private long since = System.nanoTime();

    void done(String step) {
      long now = System.nanoTime();
      steps.add(new AnswerPart.StepPart(step, Math.round((now - since) / NANOS * 1000) / 1000.0));
      since = now;
    }
  }

  /** Reads a question without computing anything. */
  AnswerPart read(String model, String question, Person person, boolean explain) {
    Trail trail = new Trail();
    Engine engine = engines.of(model, person);
    trail.done("model");
    Reading reading = engine.reader().read(question);
    trail.done("reading");
    return part(engine, reading, Optional.empty(), List.of(), List.of(), trail, explain);
  }

  /**
   * Answers a question.
   *
   * @param asker the name by which the asker shares warehouses with others
   * @param running can be stopped from elsewhere meanwhile
   * @param read is offered the reading before anything is computed
   */
  AnswerPart ask(
      String model,
      String question,
      Person person,
      String asker,
      boolean explain,
      Running running,
      Consumer<Supplier<AnswerPart>> read) {
    Trail trail = new Trail();
    Engine engine = engines.of(model, person);
    trail.done("model");
    Reading reading = engine.reader().read(question);
    trail.done("reading");
    meters
        .counter("ropebridge.questions", "status", reading.status().name().toLowerCase(Locale.ROOT))
        .increment();
    Supplier<AnswerPart> asRead =
        () -> part(engine, reading, Optional.empty(), List.of(), List.of(), trail, explain);
    if (reading.plan().isEmpty() && reading.sql().isEmpty()) {
      return asRead.get();
    }
    read.accept(asRead);
    if (reading.sql().isPresent()) {
      return bySql(engine, reading, asker, explain, running, trail);
    }
    Plan plan = reading.plan().get();
    SqlQuery query = sql(engine, plan);
    trail.done("sql");
    List<List<Object>> rows = rows(engine, plan, query, asker, running);
    trail.done("warehouse");
    List<AnswerPart.NoticePart> notices =
        engine.notices().of(reading, query, rows).stream().map(AnswerPart.NoticePart::of).toList();
    List<List<Object>> cut = rows.subList(0, Math.min(rows.size(), query.rowLimit()));
    List<List<Object>> shown = Rows.shown(cut, plan, engine.access().model());
    trail.done("answer");
    return part(engine, reading, Optional.of(query), shown, notices, trail, explain);
  }

  /** Answers by the SQL that the author wrote for the question. */
  private AnswerPart bySql(
      Engine engine, Reading reading, String asker, boolean explain, Running running, Trail trail) {
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
    return part(
        engine, reading, Optional.of(withColumns), Rows.shown(cut), notices, trail, explain);
  }

  private static SqlQuery sql(Engine engine, Plan plan) {
    try {
      return engine.writer().write(plan);
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

  private static AnswerPart part(
      Engine engine,
      Reading reading,
      Optional<SqlQuery> query,
      List<List<Object>> rows,
      List<AnswerPart.NoticePart> notices,
      Trail trail,
      boolean explain) {
    boolean list =
        reading.plan().filter(p -> p.picture().isEmpty() && isBestAsTable(p)).isPresent();
    Optional<Map<String, Object>> chart =
        (list ? Optional.<SqlQuery>empty() : query)
            .flatMap(
                q -> Charts.of(q.columns(), rows.size(), reading.plan().flatMap(Plan::picture)));
    return new AnswerPart(
        reading.question(),
        reading.status().name().toLowerCase(Locale.ROOT),
        reading.restatement().orElse(""),
        reading.reason(),
        reading.words().stream().map(AnswerPart.WordPart::of).toList(),
        reading.unread(),
        reading.plan().orElse(null),
        query
            .map(q -> q.columns().stream().map(AnswerPart.AnswerColumn::of).toList())
            .orElse(List.of()),
        rows,
        query.map(SqlQuery::text).orElse(""),
        query.map(SqlQuery::readable).orElse(""),
        query.map(q -> q.parameters().stream().map(Asking::plain).toList()).orElse(List.of()),
        chart.orElse(null),
        notices,
        reading.choices().stream()
            .map(c -> new AnswerPart.AlternativePart(c.restatement()))
            .toList(),
        reading.suggestions(),
        engine.proposed(reading),
        trail.steps,
        explain ? reading.explanation() : null,
        engine.model(),
        engine.edition());
  }

  /** Lists of rows, and the first few of each group, are read and not compared by length. */
  private static boolean isBestAsTable(Plan plan) {
    return plan.listing().isPresent() || plan.ranking().flatMap(Plan.Ranking::within).isPresent();
  }

  private static Object plain(Object parameter) {
    return parameter instanceof Number ? parameter : parameter.toString();
  }
}
