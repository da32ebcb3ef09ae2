package org.ropebridge.plan;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;

/**
 * The items of a model that a plan makes use of, by the names that files use: {@code revenue} for a
 * metric, {@code stays} for a table, {@code stays.nights} for a column and {@code stays.long_stay}
 * for a condition.
 */
public final class UsedItems {
  private final Model model;
  private final Set<String> used = new TreeSet<>();

  private UsedItems(Model model) {
    this.model = model;
  }

  /** The names, in order. What a metric is made of counts through its tables only. */
  public static Set<String> of(Plan plan, Model model) {
    UsedItems items = new UsedItems(model);
    items.add(plan);
    return items.used;
  }

  /**
   * What a plan asks for whatever it is limited to, so that questions about the same thing have the
   * same: its measures without what narrows them, and its groupings.
   */
  public static Plan theme(Plan plan) {
    if (plan.listing().isPresent()) {
      return Plan.of(plan.listing().get(), List.of());
    }
    List<Measure> measures =
        plan.measures().stream()
            .<Measure>flatMap(m -> MeasureTables.basics(m).stream())
            .distinct()
            .toList();
    // Words that texts are searched for are the asker's own.
    List<Grouping> groupings =
        plan.groupings().stream().filter(g -> !(g instanceof Grouping.ByWords)).toList();
    return Plan.of(measures.get(0), groupings, List.of()).withMeasures(measures);
  }

  private void add(Plan plan) {
    used.addAll(MeasureTables.of(plan, model));
    plan.listing().ifPresent(l -> l.columns().forEach(this::add));
    plan.measures().forEach(this::add);
    plan.groupings().forEach(this::add);
    plan.filters().forEach(this::add);
    plan.keeps().forEach(k -> add(k.measure()));
    plan.ranking().ifPresent(r -> add(r.by()));
  }

  private void add(ColumnRef column) {
    used.add(column.table());
    used.add(column.table() + "." + column.column());
  }

  private void add(Measure measure) {
    if (measure instanceof Measure.Narrowed narrowed) {
      narrowed.filters().forEach(this::add);
    } else if (measure instanceof Measure.Portion portion) {
      portion.filters().forEach(this::add);
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      add(arithmetic.left());
      add(arithmetic.right());
      return;
    } else if (measure instanceof Measure.OverParts over) {
      add(over.of());
      add(over.part());
      return;
    } else if (measure instanceof Measure.Correlation correlation) {
      add(correlation.first());
      add(correlation.second());
      add(correlation.over());
      return;
    } else if (measure instanceof Measure.Figure figure) {
      add(figure.of());
      return;
    }
    MeasureTables.basics(measure).forEach(this::addBasic);
  }

  private void addBasic(Measure.Basic measure) {
    if (measure instanceof Measure.MetricValue value) {
      used.add(value.metric());
    } else if (measure instanceof Measure.DistinctRows rows) {
      used.add(rows.counted());
    } else if (measure instanceof Measure.DistinctValues values) {
      add(values.column());
    } else if (measure instanceof Measure.Statistic statistic) {
      add(statistic.column());
    } else if (measure instanceof Measure.Duration duration) {
      add(duration.from());
      add(duration.to());
    }
  }

  private void add(Grouping grouping) {
    if (grouping instanceof Grouping.ByColumn by) {
      add(by.column());
    } else if (grouping instanceof Grouping.ByTime by) {
      by.date().ifPresent(this::add);
    } else if (grouping instanceof Grouping.BySteps by) {
      add(by.column());
    } else if (grouping instanceof Grouping.ByBands by) {
      add(by.column());
    } else if (grouping instanceof Grouping.ByWords by) {
      add(by.column());
    } else if (grouping instanceof Grouping.ByCondition by) {
      addCondition(by.table(), by.condition());
    }
  }

  private void addCondition(String table, String condition) {
    used.add(table);
    used.add(table + "." + condition);
  }

  private void add(Filter filter) {
    if (filter instanceof Filter.InValues in) {
      add(in.column());
    } else if (filter instanceof Filter.Compare compare) {
      add(compare.column());
    } else if (filter instanceof Filter.Meets meets) {
      addCondition(meets.table(), meets.condition());
    } else if (filter instanceof Filter.IsTrue is) {
      add(is.column());
    } else if (filter instanceof Filter.Missing missing) {
      add(missing.column());
    } else if (filter instanceof Filter.HasText has) {
      add(has.column());
    } else if (filter instanceof Filter.InPeriod in) {
      in.date().ifPresent(this::add);
    } else if (filter instanceof Filter.Recurring on) {
      on.date().ifPresent(this::add);
    } else if (filter instanceof Filter.Having having) {
      used.add(having.table());
      having.filters().forEach(this::add);
    } else if (filter instanceof Filter.Among among) {
      add(among.column());
      add(among.plan());
    }
  }
}
