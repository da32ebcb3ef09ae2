package org.ropebridge.service.questions;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.answer.Maps;
import org.ropebridge.answer.Notice;
import org.ropebridge.answer.Notices;
import org.ropebridge.answer.Rows;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Places;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.AuthorSql;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.sources.Running;
import org.ropebridge.service.sources.Statements;
import org.ropebridge.sql.NotAllowed;
import org.ropebridge.sql.SampleSql;
import org.ropebridge.sql.SqlQuery;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Computes what questions were read as. */
@Component
class Computing {
  /** Trying each costs a statement. */
  private static final int MOST_LIMITS_TRIED = 4;

  private final Statements statements;

  Computing(Statements statements) {
    this.statements = statements;
  }

  /**
   * What came out.
   *
   * @param rows as they are shown, no more than the query lets out
   */
  record Computed(
      SqlQuery query,
      List<List<Object>> rows,
      List<AnswerPart.NoticePart> notices,
      Optional<OnMap> onMap) {
    Computed(SqlQuery query, List<List<Object>> rows, List<AnswerPart.NoticePart> notices) {
      this(query, rows, notices, Optional.empty());
    }

    boolean isWhole() {
      return rows.size() < query.rowLimit();
    }
  }

  /** Where the rows lie, for an answer that is asked for on a map. */
  record OnMap(Places where, List<List<Object>> places, List<List<Object>> around) {}

  /**
   * Computes a reading that has a plan, or its author's SQL.
   *
   * @throws Problem if the warehouse cannot or will not compute it
   */
  Computed compute(Answering answering, String asker, Running running) {
    return answering.reading().sql().isPresent()
        ? bySql(answering, asker, running)
        : byPlan(answering, asker, running);
  }

  private Computed byPlan(Answering answering, String asker, Running running) {
    Engine engine = answering.engine();
    Reading reading = answering.reading();
    Trail trail = answering.trail();
    Plan plan = reading.plan().orElseThrow();
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
    Optional<OnMap> onMap = onMap(engine, plan, asker, running);
    trail.done("answer");
    return new Computed(query, shown, notices, onMap);
  }

  /** The places, as far as the person may see them; those who may not tell rows apart see none. */
  private Optional<OnMap> onMap(Engine engine, Plan plan, String asker, Running running) {
    boolean wanted = plan.picture().filter(p -> p == Plan.Picture.MAP).isPresent();
    if (!wanted || !engine.access().groupSizes().isEmpty()) {
      return Optional.empty();
    }
    return Places.of(plan, engine.access().model())
        .map(
            where ->
                new OnMap(
                    where,
                    places(engine, where.places(), asker, running),
                    where.around().map(p -> places(engine, p, asker, running)).orElse(List.of())));
  }

  private List<List<Object>> places(Engine engine, Plan plan, String asker, Running running) {
    SqlQuery query = sql(engine, plan, Maps.MOST_PLACES);
    List<List<Object>> rows = rows(engine, plan, query, asker, running);
    return Rows.shown(
        rows.subList(0, Math.min(rows.size(), Maps.MOST_PLACES)), plan, engine.access().model());
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
  private Computed bySql(Answering answering, String asker, Running running) {
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
    return new Computed(withColumns, Rows.shown(cut), notices);
  }

  /**
   * The statement of a plan.
   *
   * @throws Problem if the person may only see groups of some size, and this tells rows apart
   */
  static SqlQuery sql(Engine engine, Plan plan, int rowLimit) {
    try {
      return engine.writer().write(plan, rowLimit);
    } catch (NotAllowed e) {
      throw new Problem(HttpStatus.FORBIDDEN, "groups-only", e.getMessage());
    }
  }

  /** The rows of a plan's statement. */
  List<List<Object>> rows(Engine engine, Plan plan, SqlQuery query, String asker, Running running) {
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

  /** How a question that is too much could be made less. */
  static String howToNarrow(Plan plan) {
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
}
