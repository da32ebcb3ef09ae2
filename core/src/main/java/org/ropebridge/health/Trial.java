package org.ropebridge.health;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.NotAllowed;
import org.ropebridge.sql.SampleSql;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/**
 * A statement that shows whether an item of a model can still be computed, once a warehouse has
 * planned it.
 *
 * @param tried the item
 * @param source the source that it is for
 */
public record Trial(Finding.Affected tried, String source, String sql, List<Object> parameters) {
  public Trial {
    parameters = List.copyOf(parameters);
  }

  /** Trials, and the sample questions that are not read any more. */
  public record Trials(List<Trial> trials, List<Finding> notRead) {}

  /**
   * The trials of all that people may ask of a model.
   *
   * @param model as far as the writer may see it
   */
  public static Trials of(Model model, QuestionReader reader, SqlWriter writer) {
    Maker maker = new Maker(model, writer);
    for (Table table : model.tables()) {
      maker.plan("table", table.rowNounPlural(), Plan.of(new Measure.RowCount(table.name())));
      for (Column column : table.columns()) {
        if (column.sql().isPresent()) {
          ColumnRef ref = ColumnRef.of(table.name(), column.name());
          maker.plan("column", column.label(), Plan.of(new Measure.DistinctValues(ref)));
        }
      }
      for (Condition condition : table.conditions()) {
        Filter filter = new Filter.Meets(table.name(), condition.name(), false);
        Measure rows = new Measure.RowCount(table.name());
        maker.plan("condition", condition.label(), Plan.of(rows, List.of(), List.of(filter)));
      }
    }
    for (Metric metric : model.metrics()) {
      maker.plan("metric", metric.label(), Plan.of(new Measure.MetricValue(metric.name())));
    }
    List<Finding> notRead = new ArrayList<>();
    for (SampleQuestion question : model.questions()) {
      if (question.agreed().isPresent()) {
        Reading reading = reader.read(question.ask());
        if (reading.sql().isPresent()) {
          maker.sql(question, reading.sql().get().values());
        } else if (reading.status() == Reading.Status.ANSWERED) {
          maker.plan("question", question.ask(), reading.plan().orElseThrow());
        } else {
          notRead.add(
              new Finding(
                  Finding.Kind.NOT_READ,
                  question.ask(),
                  "This agreed sample question is not read in full any more: " + reading.reason(),
                  List.of(new Finding.Affected("question", question.ask()))));
        }
      }
    }
    return new Trials(maker.trials, notRead);
  }

  /** Makes statements of what is tried. */
  private static final class Maker {
    private final Model model;
    private final SqlWriter writer;
    private final List<Trial> trials = new ArrayList<>();

    Maker(Model model, SqlWriter writer) {
      this.model = model;
      this.writer = writer;
    }

    void plan(String kind, String name, Plan plan) {
      Optional<String> source =
          MeasureTables.of(plan, model).stream().map(t -> model.table(t).source()).findFirst();
      try {
        SqlQuery query = writer.write(plan, 1);
        source.ifPresent(
            s ->
                trials.add(
                    new Trial(
                        new Finding.Affected(kind, name), s, query.text(), query.parameters())));
      } catch (NotAllowed e) {
        // Nobody is answered this by itself; what it is used in is tried.
        return;
      }
    }

    void sql(SampleQuestion question, Map<String, String> values) {
      SqlQuery query = SampleSql.write(question, values, model);
      trials.add(
          new Trial(
              new Finding.Affected("question", question.ask()),
              SampleSql.source(question, model),
              query.text(),
              query.parameters()));
    }
  }
}
