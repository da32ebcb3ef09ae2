package org.ropebridge.steering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.plan.TimeUnit;
import org.ropebridge.reading.QuestionReader;

/** What could stand in a plan on a model, the likeliest first; only what can be computed. */
final class Parts {
  private static final List<TimeUnit> TIMES =
      List.of(
          TimeUnit.MONTH,
          TimeUnit.YEAR,
          TimeUnit.QUARTER,
          TimeUnit.WEEK,
          TimeUnit.DAY,
          TimeUnit.DAY_OF_WEEK,
          TimeUnit.MONTH_OF_YEAR);

  private static final List<Period> PERIODS =
      List.of(
          Period.Relative.current(Period.Unit.YEAR),
          Period.Relative.previous(Period.Unit.YEAR),
          new Period.ToDate(Period.Unit.YEAR),
          Period.Relative.current(Period.Unit.QUARTER),
          Period.Relative.previous(Period.Unit.QUARTER),
          Period.Relative.current(Period.Unit.MONTH),
          Period.Relative.previous(Period.Unit.MONTH),
          Period.Relative.previous(Period.Unit.WEEK),
          Period.Relative.last(30, Period.Unit.DAY),
          Period.Relative.last(12, Period.Unit.MONTH));

  /** Values that stand for so many rows are kinds; more are names. */
  private static final int MOST_KINDS = 40;

  private final Model model;
  private final ValueIndex values;
  private final LinkPaths paths;
  private final PlanCheck check;

  /** How often the author's own questions break down by each column. */
  private final Map<ColumnRef, Integer> uses = new HashMap<>();

  Parts(Model model, ValueIndex values, QuestionReader reader) {
    this.model = model;
    this.values = values;
    this.paths = new LinkPaths(model);
    this.check = new PlanCheck(model, paths);
    for (SampleQuestion question : model.questions()) {
      question.means().flatMap(m -> reader.read(m).plan()).ifPresent(this::count);
    }
  }

  private void count(Plan plan) {
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByColumn by) {
        uses.merge(by.column().withoutRole(), 1, Integer::sum);
      }
    }
  }

  Model model() {
    return model;
  }

  boolean isSound(Plan plan) {
    return check.faults(plan).isEmpty();
  }

  /** The metrics, those over the tables of the plan first. */
  List<Measure> measures(Plan plan) {
    List<String> tables = List.copyOf(MeasureTables.of(plan, model));
    return model.metrics().stream()
        .<Measure>map(m -> new Measure.MetricValue(m.name()))
        .sorted(
            Comparator.comparing(
                (Measure m) -> MeasureTables.of(m, model).stream().noneMatch(tables::contains)))
        .toList();
  }

  /** Columns to break a plan down by, nearest first, and units of time. */
  List<Grouping> groupings(Plan plan) {
    Stream<Grouping> byColumn = columns(plan).stream().map(Grouping.ByColumn::new);
    Stream<Grouping> byTime =
        TIMES.stream().map(u -> new Grouping.ByTime(u, Optional.<ColumnRef>empty()));
    return Stream.concat(byColumn, byTime).toList();
  }

  /** Categories that the rows of the plan have; kinds before names, those much used first. */
  List<ColumnRef> columns(Plan plan) {
    Optional<String> base = MeasureTables.of(plan, model).stream().findFirst();
    if (base.isEmpty()) {
      return List.of();
    }
    List<ColumnRef> columns = new ArrayList<>();
    for (Table table : model.tables()) {
      int steps = steps(base.get(), table.name());
      for (Column column : table.columns()) {
        ColumnRef ref = ColumnRef.of(table.name(), column.name());
        boolean kind =
            column.holds() == Column.Holds.CATEGORY || column.holds() == Column.Holds.REGION;
        if (steps >= 0 && kind) {
          columns.add(ref);
        }
      }
    }
    columns.sort(
        Comparator.comparing((ColumnRef c) -> values.of(c).size() > MOST_KINDS)
            .thenComparing(c -> -uses.getOrDefault(c, 0))
            .thenComparing(c -> steps(base.get(), c.table())));
    return columns;
  }

  private int steps(String base, String table) {
    return base.equals(table)
        ? 0
        : paths.shortest(base, table, Optional.empty()).stream()
            .findFirst()
            .map(w -> w.steps().size())
            .orElse(-1);
  }

  /** How many values are known of a column; 0 where they are not kept. */
  int valueCount(ColumnRef column) {
    return values.of(column).size();
  }

  List<String> values(ColumnRef column) {
    return values.of(column);
  }

  List<Filter> periods() {
    return PERIODS.stream()
        .<Filter>map(p -> new Filter.InPeriod(p, Optional.empty(), false))
        .toList();
  }
}
