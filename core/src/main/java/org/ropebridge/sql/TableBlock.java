package org.ropebridge.sql;

import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.select;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Select;
import org.jooq.SelectConditionStep;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/** The rows of one base table, placed in time by one date. */
final class TableBlock implements Block {
  private final Key key;
  private final Plan plan;
  private final Ground ground;
  private final RowFilters filters;
  private final Scan scan;
  private final GroupFields groupFields;

  /** What limits everything that the block computes, each part as far as it goes. */
  private List<List<Filter>> limits = List.of();

  /**
   * What rows of one table share a block by.
   *
   * @param date places the rows in time; empty when the table has none
   * @param lastOnly whether only rows of the last day count
   * @param narrowing filters of rows of the last day, which depends on them; otherwise none
   * @param shift when
   */
  record Key(
      String table,
      Optional<ColumnRef> date,
      boolean lastOnly,
      List<Filter> narrowing,
      Shift shift) {}

  TableBlock(Key key, Plan plan, Ground ground, RowFilters filters) {
    this.key = key;
    this.plan = plan;
    this.ground = ground;
    this.filters = filters;
    this.scan = ground.scan(key.table());
    this.groupFields = new GroupFields(ground, key.date(), key.shift());
  }

  @Override
  public String name() {
    String time = key.shift().isNone() ? "" : " before";
    return key.table() + (key.lastOnly() ? " on last day" : "") + time;
  }

  @Override
  public Field<?> group(Grouping grouping) {
    return groupFields.of(grouping, scan);
  }

  @Override
  public Field<?> key(Grouping.ByColumn grouping) {
    return scan.column(keyOf(grouping));
  }

  @Override
  public Optional<Field<?>> soundKey(Grouping.ByColumn grouping) {
    return scan.soundPointer(keyOf(grouping));
  }

  private ColumnRef keyOf(Grouping.ByColumn grouping) {
    ColumnRef column = grouping.column();
    String keyColumn = ground.model().table(column.table()).key();
    return new ColumnRef(column.table(), keyColumn, column.role());
  }

  @Override
  public Table<?> from() {
    return scan.from();
  }

  /** Rows that no part of the answer is about need not be read. */
  @Override
  public void computeOnly(Set<Leaf> leaves) {
    List<List<Filter>> each = leaves.stream().map(Leaf::narrowing).distinct().toList();
    limits = key.lastOnly() || each.contains(List.<Filter>of()) ? List.of() : each;
  }

  @Override
  public Field<?> aggregate(Leaf leaf) {
    boolean limited = key.lastOnly() || limits.size() == 1;
    Optional<Condition> only = limited ? Optional.empty() : narrowing(leaf);
    if (leaf.behind().isPresent()) {
      return behind(leaf.behind().get(), only);
    }
    if (leaf.metric().isPresent()) {
      return scan.aggregate(ExpressionParser.parse(leaf.metric().get().sql()), only);
    }
    Field<?> value = basic((Measure.Basic) leaf.measure());
    return only.<Field<?>>map(c -> DSL.field("{0} filter (where {1})", Object.class, value, c))
        .orElse(value);
  }

  private Field<?> behind(Leaf.Behind behind, Optional<Condition> narrowing) {
    Field<?> rows = DSL.countDistinct(scan.column(behind.key()));
    Optional<Condition> counted =
        behind.only().map(e -> scan.baseCondition(e)).map(c -> narrowing.map(c::and).orElse(c));
    return counted
        .or(() -> narrowing)
        .<Field<?>>map(c -> DSL.field("{0} filter (where {1})", Object.class, rows, c))
        .orElse(rows);
  }

  private Optional<Condition> narrowing(Leaf leaf) {
    return all(leaf.narrowing());
  }

  private Optional<Condition> all(List<Filter> narrowing) {
    return narrowing.stream()
        .map(f -> filters.of(f, scan, key.date(), key.shift()))
        .reduce(Condition::and);
  }

  private Field<?> basic(Measure.Basic measure) {
    if (measure instanceof Measure.DistinctRows rows) {
      String keyColumn = ground.model().table(rows.counted()).key();
      ColumnRef counted = new ColumnRef(rows.counted(), keyColumn, rows.role());
      return DSL.countDistinct(scan.soundPointer(counted).orElseGet(() -> scan.column(counted)));
    } else if (measure instanceof Measure.DistinctValues values) {
      return DSL.countDistinct(scan.column(values.column()));
    } else if (measure instanceof Measure.Statistic statistic) {
      return statistic(statistic.kind(), statistic.percentile(), scan.column(statistic.column()));
    } else if (measure instanceof Measure.Duration duration) {
      return statistic(duration.kind(), 0, duration(duration));
    }
    return DSL.count();
  }

  private Field<?> duration(Measure.Duration duration) {
    boolean inHours =
        ground.model().column(duration.from()).holds() == Column.Holds.TIME
            && ground.model().column(duration.to()).holds() == Column.Holds.TIME;
    return ground
        .dialect()
        .between(scan.column(duration.from()), scan.column(duration.to()), inHours);
  }

  static Field<?> statistic(Measure.Kind kind, int percent, Field<?> column) {
    return switch (kind) {
      case SUM -> DSL.field("sum({0})", Object.class, column);
      case AVERAGE -> DSL.field("avg({0})", Object.class, column);
      case MINIMUM -> DSL.field("min({0})", Object.class, column);
      case MAXIMUM -> DSL.field("max({0})", Object.class, column);
      case STANDARD_DEVIATION -> DSL.field("stddev_samp({0})", Object.class, column);
      case MEDIAN -> percentile(50, column);
      case PERCENTILE -> percentile(percent, column);
    };
  }

  private static Field<?> percentile(int percent, Field<?> column) {
    return DSL.field(
        "percentile_cont({0}) within group (order by {1})",
        Object.class, inline(BigDecimal.valueOf(percent, 2)), column);
  }

  @Override
  public Condition where() {
    Condition where = DSL.noCondition();
    for (Filter filter : plan.filters()) {
      where = where.and(filters.of(filter, scan, key.date(), key.shift()));
    }
    for (Filter filter : key.narrowing()) {
      where = where.and(filters.of(filter, scan, key.date(), key.shift()));
    }
    Optional<Condition> limit =
        limits.stream().map(l -> all(l).orElseThrow()).reduce(Condition::or);
    where = limit.isPresent() ? where.and(limit.get()) : where;
    if (key.lastOnly()) {
      where = where.and(onLastDays());
    }
    return where.and(notBeyondToday());
  }

  /** Keeps earlier spans from reaching, moved to now, into a time that is still to come. */
  private Condition notBeyondToday() {
    Condition condition = DSL.noCondition();
    boolean limited =
        plan.filters().stream().anyMatch(f -> f instanceof Filter.InPeriod in && !in.negated());
    if (key.shift().back().isEmpty() || limited) {
      return condition;
    }
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByTime time && time.unit().isStretch()) {
        Field<?> today =
            ground
                .dialect()
                .bucket(time.unit(), DSL.val(ground.periods().today()), ground.model().calendar());
        condition = condition.and(DSL.condition("{0} <= {1}", group(grouping), today));
      }
    }
    return condition;
  }

  /** Keeps the rows of the last day of the period, or of each span of time grouped by. */
  private Condition onLastDays() {
    ColumnRef date = key.date().orElseThrow();
    List<Grouping> spans =
        plan.groupings().stream().filter(Grouping.ByTime.class::isInstance).toList();
    boolean ofOwnDate =
        spans.stream().allMatch(s -> ((Grouping.ByTime) s).date().or(key::date).equals(key.date()));
    Scan inner = ofOwnDate ? ground.scan(key.table()) : scan.beside(key.table());
    Field<?> lastDay = DSL.field("max({0})", Object.class, day(inner.column(date), date));
    List<Field<?>> buckets = new ArrayList<>();
    Condition where = DSL.noCondition();
    for (Grouping span : spans) {
      Field<?> bucket = groupFields.of(span, inner);
      buckets.add(bucket);
      if (!ofOwnDate) {
        where = where.and(DSL.condition("{0} is not distinct from {1}", bucket, group(span)));
      }
    }
    List<Filter> all = new ArrayList<>(plan.filters());
    all.addAll(key.narrowing());
    for (Filter filter : all) {
      if (filter instanceof Filter.InPeriod || filter instanceof Filter.Recurring) {
        where = where.and(filters.of(filter, inner, key.date(), key.shift()));
      }
    }
    SelectConditionStep<?> days = select(lastDay).from(inner.from()).where(where);
    Select<?> lastDays = buckets.isEmpty() || !ofOwnDate ? days : days.groupBy(buckets);
    return DSL.condition("{0} in ({1})", day(scan.column(date), date), lastDays);
  }

  /** The day of a date, which may have a time of day. */
  private Field<?> day(Field<?> field, ColumnRef date) {
    boolean hasTime = ground.model().column(date).holds() == Column.Holds.TIME;
    return hasTime
        ? ground.dialect().bucket(TimeUnit.DAY, field, ground.model().calendar())
        : field;
  }
}
