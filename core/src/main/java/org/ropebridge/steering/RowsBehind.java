package org.ropebridge.steering;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.reading.QuestionReader;

/**
 * The rows that a number is computed over, as questions that list them: with the columns that the
 * number is made of, so that a person can check it by hand.
 */
public final class RowsBehind {
  private static final int MOST_COLUMNS = 8;

  private final Model model;
  private final QuestionReader reader;
  private final Restatement restatement;

  RowsBehind(Model model, QuestionReader reader) {
    this.model = model;
    this.reader = reader;
    this.restatement = reader.restatement();
  }

  /**
   * One list for each table that the measures are computed over; none for a plan that lists rows
   * itself, or whose rows cannot be listed in the words of the model.
   */
  public List<NextQuestions.Next> of(Plan plan) {
    if (plan.listing().isPresent()) {
      return List.of();
    }
    return MeasureTables.of(plan, model).stream()
        .map(model::table)
        .flatMap(t -> list(t, plan).stream())
        .toList();
  }

  private Optional<NextQuestions.Next> list(Table table, Plan plan) {
    List<Measure.Basic> basics = basics(table, plan);
    List<ColumnRef> columns = columns(table, plan, basics);
    if (columns.isEmpty()) {
      return Optional.empty();
    }
    Optional<ColumnRef> date =
        basics.stream()
            .flatMap(m -> metric(m).stream())
            .flatMap(m -> MeasureTables.date(table.name(), Optional.of(m), model).stream())
            .filter(d -> !d.equals(mainDate(table).orElse(null)))
            .findFirst();
    List<Filter> filters = plan.filters().stream().map(f -> date.map(f::onDate).orElse(f)).toList();
    Listing listing =
        new Listing(table.name(), columns, Optional.empty(), Optional.empty(), Optional.empty());
    Plan list = Plan.of(listing, filters);
    String question = restatement.of(list);
    // What does not read as it is meant is not offered.
    return reader
        .read(question)
        .plan()
        .filter(list::equals)
        .map(p -> new NextQuestions.Next(table.rowNounPlural(), question));
  }

  private Optional<ColumnRef> mainDate(Table table) {
    return table.mainDate().flatMap(d -> MeasureTables.dateColumn(table.name(), d, model));
  }

  private List<Measure.Basic> basics(Table table, Plan plan) {
    return plan.measures().stream()
        .flatMap(m -> MeasureTables.basics(m).stream())
        .filter(m -> MeasureTables.of(m, model).contains(table.name()))
        .toList();
  }

  private Optional<Metric> metric(Measure.Basic measure) {
    return measure instanceof Measure.MetricValue value
        ? Optional.of(model.metric(value.metric()))
        : Optional.empty();
  }

  /** When, by what it is grouped, and what the measures are made of. */
  private List<ColumnRef> columns(Table table, Plan plan, List<Measure.Basic> basics) {
    Set<ColumnRef> columns = new LinkedHashSet<>();
    mainDate(table).filter(d -> d.table().equals(table.name())).ifPresent(columns::add);
    plan.groupings().stream()
        .filter(Grouping.ByColumn.class::isInstance)
        .forEach(g -> columns.add(((Grouping.ByColumn) g).column()));
    for (Measure.Basic measure : basics) {
      metric(measure).ifPresent(m -> columns.addAll(madeOf(m, table)));
      if (measure instanceof Measure.Statistic statistic) {
        columns.add(statistic.column());
      } else if (measure instanceof Measure.DistinctValues values) {
        columns.add(values.column());
      } else if (measure instanceof Measure.Duration duration) {
        columns.addAll(List.of(duration.from(), duration.to()));
      }
    }
    return columns.stream().limit(MOST_COLUMNS).toList();
  }

  /** The columns that people may see of those that a metric's expression names. */
  private List<ColumnRef> madeOf(Metric metric, Table table) {
    return MeasureTables.leaves(metric, model).stream()
        .filter(m -> m.table().filter(table.name()::equals).isPresent())
        .flatMap(m -> ExpressionParser.parse(m.sql()).names().stream())
        .flatMap(use -> column(use, table))
        .toList();
  }

  /** A condition in an expression stands for the columns that it is made of. */
  private static Stream<ColumnRef> column(Expression.NameUse use, Table table) {
    Optional<Column> column = table.findColumn(use.name());
    if (column.isPresent()) {
      return Stream.of(ColumnRef.of(table.name(), use.name()));
    }
    return table.findCondition(use.name()).stream()
        .flatMap(c -> ExpressionParser.parse(c.sql()).names().stream())
        .filter(n -> table.findColumn(n.name()).isPresent())
        .map(n -> ColumnRef.of(table.name(), n.name()));
  }
}
