package org.ropebridge.reference;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/** Computes basic measures from the rows of their tables, group by group. */
final class RowMeasures {
  private final Model model;
  private final MemoryWarehouse warehouse;
  private final Reach reach;
  private final Holding holding;
  private final Placing placing;
  private final Map<List<Object>, Map<Group, List<Row>>> found = new HashMap<>();

  RowMeasures(
      Model model, MemoryWarehouse warehouse, Reach reach, Holding holding, Placing placing) {
    this.model = model;
    this.warehouse = warehouse;
    this.reach = reach;
    this.holding = holding;
    this.placing = placing;
  }

  /** The groups in which there are rows for the measure. */
  Set<Group> groups(Measure.Basic measure, List<Filter> narrowing, Plan plan, Moment moment) {
    if (!(measure instanceof Measure.MetricValue value)) {
      return rows(table(measure), Optional.empty(), List.of(), plan, moment).keySet();
    }
    Set<Group> groups = new LinkedHashSet<>();
    for (Metric leaf : MeasureTables.leaves(model.metric(value.metric()), model)) {
      groups.addAll(rows(leaf, narrowing, plan, moment).keySet());
    }
    return groups;
  }

  /** The measure over those rows of a group that pass the narrowing. */
  Object value(
      Measure.Basic measure, List<Filter> narrowing, Plan plan, Moment moment, Group group) {
    if (measure instanceof Measure.MetricValue value) {
      return metric(model.metric(value.metric()), narrowing, plan, moment, group);
    }
    String table = table(measure);
    Optional<ColumnRef> date = MeasureTables.date(table, Optional.empty(), model);
    List<Row> rows =
        rows(table, Optional.empty(), List.of(), plan, moment)
            .getOrDefault(group, List.of())
            .stream()
            .filter(r -> holding.all(narrowing, r, date, moment))
            .toList();
    if (measure instanceof Measure.RowCount) {
      return BigDecimal.valueOf(rows.size());
    } else if (measure instanceof Measure.DistinctRows d) {
      String key = model.table(d.counted()).key();
      return count(rows, r -> reach.value(r, new ColumnRef(d.counted(), key, d.role())));
    } else if (measure instanceof Measure.DistinctValues d) {
      return count(rows, r -> reach.value(r, d.column()));
    } else if (measure instanceof Measure.Statistic s) {
      return statistic(s.kind(), s.percentile(), values(rows, r -> reach.value(r, s.column())));
    }
    Measure.Duration duration = (Measure.Duration) measure;
    return statistic(duration.kind(), 0, values(rows, r -> passed(duration, r)));
  }

  private Object metric(
      Metric metric, List<Filter> narrowing, Plan plan, Moment moment, Group group) {
    if (metric.table().isEmpty()) {
      return new Formula(
              name -> metric(model.metric(name), narrowing, plan, moment, group), List.of())
          .value(ExpressionParser.parse(metric.sql()));
    }
    Optional<ColumnRef> date = MeasureTables.date(metric.table().get(), Optional.of(metric), model);
    List<Function<String, Object>> rows = new ArrayList<>();
    for (Row row : rows(metric, narrowing, plan, moment).getOrDefault(group, List.of())) {
      if (holding.all(narrowing, row, date, moment)) {
        rows.add(name -> reach.own(row, name));
      }
    }
    return new Formula(
            name -> {
              throw new IllegalArgumentException(name + " outside of an aggregate");
            },
            rows)
        .value(ExpressionParser.parse(metric.sql()));
  }

  private Map<Group, List<Row>> rows(
      Metric metric, List<Filter> narrowing, Plan plan, Moment moment) {
    boolean last = metric.acrossTime() == Metric.AcrossTime.LAST;
    return rows(
        metric.table().orElseThrow(),
        Optional.of(metric),
        last ? narrowing : List.of(),
        plan,
        moment);
  }

  /**
   * The rows of a table that count, by group. Of a metric whose last value stands for a period,
   * those of the last day on which the table has rows in that group's span of time.
   */
  private Map<Group, List<Row>> rows(
      String table, Optional<Metric> metric, List<Filter> narrowing, Plan plan, Moment moment) {
    List<Object> asked = List.of(table, metric, narrowing, plan, moment);
    Map<Group, List<Row>> known = found.get(asked);
    if (known == null) {
      known = find(table, metric, narrowing, plan, moment);
      found.put(asked, known);
    }
    return known;
  }

  private Map<Group, List<Row>> find(
      String table, Optional<Metric> metric, List<Filter> narrowing, Plan plan, Moment moment) {
    Optional<ColumnRef> date = MeasureTables.date(table, metric, model);
    List<Filter> filters = new ArrayList<>(plan.filters());
    filters.addAll(narrowing);
    boolean last = metric.filter(m -> m.acrossTime() == Metric.AcrossTime.LAST).isPresent();
    Map<Group, List<Row>> groups = new LinkedHashMap<>();
    for (Row row : warehouse.rows(table)) {
      boolean counts =
          holding.all(filters, row, date, moment)
              && (!last || isOnLastDay(row, date.orElseThrow(), filters, plan, moment))
              && !isBeyondToday(row, date, plan, moment);
      if (counts) {
        groups
            .computeIfAbsent(
                placing.group(plan.groupings(), row, date, moment), g -> new ArrayList<>())
            .add(row);
      }
    }
    if (plan.groupings().isEmpty()) {
      groups.putIfAbsent(Group.ALL, List.of());
    }
    return groups;
  }

  private boolean isOnLastDay(
      Row row, ColumnRef date, List<Filter> filters, Plan plan, Moment moment) {
    List<Filter> ofTime =
        filters.stream()
            .filter(f -> f instanceof Filter.InPeriod || f instanceof Filter.Recurring)
            .toList();
    List<Grouping> spans =
        plan.groupings().stream().filter(Grouping.ByTime.class::isInstance).toList();
    Optional<ColumnRef> own = Optional.of(date);
    Group span = placing.group(spans, row, own, moment);
    Optional<LocalDate> lastDay =
        warehouse.rows(row.table()).stream()
            .filter(r -> holding.all(ofTime, r, own, moment))
            .filter(r -> placing.group(spans, r, own, moment).equals(span))
            .map(r -> reach.value(r, date))
            .filter(Objects::nonNull)
            .map(Moment::day)
            .max(LocalDate::compareTo);
    Object day = reach.value(row, date);
    return day != null && lastDay.equals(Optional.of(Moment.day(day)));
  }

  /** Whether a row of an earlier time, laid on now, lies in a span that is still to come. */
  private boolean isBeyondToday(Row row, Optional<ColumnRef> date, Plan plan, Moment moment) {
    boolean limited =
        plan.filters().stream().anyMatch(f -> f instanceof Filter.InPeriod in && !in.negated());
    if (moment.back().isEmpty() || limited) {
      return false;
    }
    return Grouping.stretches(plan.groupings()).stream()
        .anyMatch(
            g -> {
              Object span = placing.group(List.of(g), row, date, moment).cells().get(0).shown();
              return span == null
                  || Values.compare(span, placing.span(g.unit(), placing.today())) > 0;
            });
  }

  private String table(Measure measure) {
    return MeasureTables.of(measure, model).iterator().next();
  }

  private static List<Object> values(List<Row> rows, Function<Row, Object> value) {
    List<Object> values = new ArrayList<>();
    rows.stream().map(value).filter(Objects::nonNull).forEach(values::add);
    return values;
  }

  private static BigDecimal count(List<Row> rows, Function<Row, Object> value) {
    return BigDecimal.valueOf(Values.distinct(values(rows, value)).size());
  }

  /** Hours between two moments; days as soon as one of the two is only a day. */
  private BigDecimal passed(Measure.Duration duration, Row row) {
    Object from = reach.value(row, duration.from());
    Object to = reach.value(row, duration.to());
    if (from == null || to == null) {
      return null;
    } else if (from instanceof LocalDateTime start && to instanceof LocalDateTime end) {
      return BigDecimal.valueOf(ChronoUnit.SECONDS.between(start, end))
          .divide(BigDecimal.valueOf(3600), Values.DIGITS);
    }
    return BigDecimal.valueOf(ChronoUnit.DAYS.between(Moment.day(from), Moment.day(to)));
  }

  static Object statistic(Measure.Kind kind, int percent, List<Object> values) {
    return switch (kind) {
      case SUM -> Values.sum(values);
      case AVERAGE -> Values.mean(values);
      case MINIMUM -> Values.least(values);
      case MAXIMUM -> Values.greatest(values);
      case STANDARD_DEVIATION -> Values.deviation(values);
      case MEDIAN -> Values.percentile(values, 50);
      case PERCENTILE -> Values.percentile(values, percent);
    };
  }
}
