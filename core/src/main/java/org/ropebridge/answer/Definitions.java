package org.ropebridge.answer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/** What the author's own words in an answer mean: its metrics and conditions. */
public final class Definitions {
  private final Model model;

  /**
   * Makes definitions.
   *
   * @param model what the person may see of the model
   */
  public Definitions(Model model) {
    this.model = model;
  }

  /**
   * What a word means.
   *
   * @param word as restatements say it
   * @param meaning in the author's words; empty when the author gave none
   * @param formula the SQL over the table's columns, or arithmetic over other metrics by their
   *     labels
   * @param over the rows that it is computed over, in the plural; empty for arithmetic over metrics
   */
  public record Definition(String word, String meaning, String formula, String over) {}

  /** The definitions of the words of a plan; a metric made of others is followed by those. */
  public List<Definition> of(Plan plan) {
    Map<String, Definition> all = new LinkedHashMap<>();
    List<Measure> measures = new ArrayList<>(plan.measures());
    plan.keeps().forEach(k -> measures.add(k.measure()));
    for (Measure measure : measures) {
      for (Measure.Basic basic : MeasureTables.basics(measure)) {
        if (basic instanceof Measure.MetricValue value) {
          add(model.metric(value.metric()), all);
        }
      }
      filters(measure).forEach(f -> add(f, all));
    }
    plan.filters().forEach(f -> add(f, all));
    columns(plan).forEach(c -> addCounted(c, all));
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByCondition by) {
        add(by.table(), by.condition(), all);
      }
    }
    return List.copyOf(all.values());
  }

  /** The columns that a plan shows, splits by or compares. */
  private static Stream<ColumnRef> columns(Plan plan) {
    return Stream.of(
            plan.measures().stream()
                .flatMap(m -> MeasureTables.basics(m).stream())
                .filter(Measure.Statistic.class::isInstance)
                .map(m -> ((Measure.Statistic) m).column()),
            plan.groupings().stream().flatMap(g -> column(g).stream()),
            plan.filters().stream()
                .filter(Filter.Compare.class::isInstance)
                .map(f -> ((Filter.Compare) f).column()),
            plan.listing().stream().flatMap(l -> l.columns().stream()))
        .flatMap(c -> c);
  }

  private static Optional<ColumnRef> column(Grouping grouping) {
    if (grouping instanceof Grouping.ByColumn by) {
      return Optional.of(by.column());
    } else if (grouping instanceof Grouping.BySteps by) {
      return Optional.of(by.column());
    }
    return grouping instanceof Grouping.ByBands by ? Optional.of(by.column()) : Optional.empty();
  }

  /**
   * If no file writes the column down: from which date, or between which two columns, it counts.
   */
  private void addCounted(ColumnRef ref, Map<String, Definition> all) {
    Table table = model.table(ref.table());
    Optional<String> from =
        table
            .dateOfAge(ref.column())
            .map(date -> "Whole years from the " + date.label() + " to today.");
    Optional<String> between =
        table
            .span(ref.column())
            .map(span -> between(span.from(), span.to(), table.column(ref.column())));
    Optional<String> less =
        table
            .overrun(ref.column())
            .map(span -> "The " + span.to().label() + " less the " + span.from().label() + ".");
    from.or(() -> between)
        .or(() -> less)
        .ifPresent(
            meaning -> {
              Column column = table.column(ref.column());
              all.putIfAbsent(
                  ref.withoutRole().toString(),
                  new Definition(
                      column.label(), meaning, column.sql().orElse(""), table.rowNounPlural()));
            });
  }

  private static String between(Column start, Column end, Column duration) {
    return "The "
        + duration.unit().orElseThrow()
        + " from the "
        + start.label()
        + " to the "
        + end.label()
        + "; none while there is no "
        + end.label()
        + ".";
  }

  /** The definitions of a metric; one made of others is followed by those. */
  public List<Definition> of(Metric metric) {
    Map<String, Definition> all = new LinkedHashMap<>();
    add(metric, all);
    return List.copyOf(all.values());
  }

  /** The metrics that a metric's arithmetic names. */
  List<Metric> parts(Metric metric) {
    return model.metrics().stream()
        .filter(other -> named(other).matcher(metric.sql()).find())
        .toList();
  }

  private static Pattern named(Metric metric) {
    return Pattern.compile("\\b" + Pattern.quote(metric.name()) + "\\b");
  }

  private static List<Filter> filters(Measure measure) {
    if (measure instanceof Measure.Narrowed narrowed) {
      return narrowed.filters();
    }
    return measure instanceof Measure.Portion portion ? portion.filters() : List.of();
  }

  private void add(Metric metric, Map<String, Definition> all) {
    if (all.containsKey(metric.name())) {
      return;
    }
    if (metric.table().isPresent()) {
      String over = model.table(metric.table().get()).rowNounPlural();
      all.put(metric.name(), new Definition(metric.label(), metric.about(), metric.sql(), over));
      return;
    }
    String formula = metric.sql();
    List<Metric> parts = parts(metric);
    for (Metric part : parts) {
      formula = named(part).matcher(formula).replaceAll(part.label());
    }
    all.put(metric.name(), new Definition(metric.label(), metric.about(), formula, ""));
    parts.forEach(p -> add(p, all));
  }

  private void add(Filter filter, Map<String, Definition> all) {
    if (filter instanceof Filter.Meets meets) {
      add(meets.table(), meets.condition(), all);
    } else if (filter instanceof Filter.Having having) {
      having.filters().forEach(f -> add(f, all));
    } else if (filter instanceof Filter.Among among) {
      of(among.plan()).forEach(d -> all.putIfAbsent(d.word(), d));
    }
  }

  private void add(String table, String name, Map<String, Definition> all) {
    Condition condition = model.table(table).findCondition(name).orElseThrow();
    all.putIfAbsent(
        table + "." + name,
        new Definition(condition.label(), "", condition.sql(), model.table(table).rowNounPlural()));
  }
}
