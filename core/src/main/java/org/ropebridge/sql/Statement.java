package org.ropebridge.sql;

import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.select;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jooq.CommonTableExpression;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.OrderField;
import org.jooq.Query;
import org.jooq.Record;
import org.jooq.Select;
import org.jooq.SelectFieldOrAsterisk;
import org.jooq.SortField;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.ropebridge.access.Access;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.plan.TimeUnit;

/**
 * One statement under construction: blocks, what folds them, ranking, empty spans of time, order.
 */
final class Statement {
  private static final String TOGETHER = "together";
  private static final String ANSWER = "answer";
  private static final String RANKED = "ranked";

  private final Access access;
  private final Model model;
  private final LinkPaths paths;
  private final PeriodResolver periods;
  private final Restatement restatement;
  private final Dialect dialect;
  private final RowFilters filters;
  private final Plan plan;
  private final List<String> groupNames;
  private final List<String> measureNames;
  private final Map<BlockKey, List<Leaf>> blocks = new LinkedHashMap<>();
  private final List<CommonTableExpression<?>> with = new ArrayList<>();

  /** A base table and the date that places its rows in time; and whether only last days count. */
  private record BlockKey(String table, Optional<ColumnRef> date, boolean lastOnly) {}

  /** An aggregate of a block and the name under which others refer to it. */
  private record Leaf(String name, Measure measure, Optional<Metric> metric) {
    boolean counts() {
      return measure instanceof Measure.RowCount
          || measure instanceof Measure.DistinctRows
          || measure instanceof Measure.DistinctValues
          || metric
              .map(m -> ExpressionParser.parse(m.sql()))
              .filter(e -> e instanceof Expression.Call c && c.function().equals("count"))
              .isPresent();
    }
  }

  Statement(
      Plan plan,
      Access access,
      LinkPaths paths,
      PeriodResolver periods,
      Restatement restatement,
      Dialect dialect) {
    this.plan = plan;
    this.access = access;
    this.model = access.model();
    this.paths = paths;
    this.periods = periods;
    this.restatement = restatement;
    this.dialect = dialect;
    this.filters = new RowFilters(model, periods, dialect);
    this.groupNames = plan.groupings().stream().map(restatement::grouping).toList();
    this.measureNames = plan.measures().stream().map(restatement::measure).toList();
    plan.measures().forEach(this::addLeaves);
  }

  private void addLeaves(Measure measure) {
    if (measure instanceof Measure.MetricValue value) {
      Metric metric = model.metric(value.metric());
      for (Metric leaf : MeasureTables.leaves(metric, model)) {
        String table = leaf.table().orElseThrow();
        BlockKey key =
            new BlockKey(
                table,
                MeasureTables.date(table, Optional.of(leaf), model),
                leaf.acrossTime() == Metric.AcrossTime.LAST);
        add(key, new Leaf(leaf.label(), new Measure.MetricValue(leaf.name()), Optional.of(leaf)));
      }
    } else {
      String table = MeasureTables.of(measure, model).iterator().next();
      BlockKey key = new BlockKey(table, MeasureTables.date(table, Optional.empty(), model), false);
      add(key, new Leaf(restatement.measure(measure), measure, Optional.empty()));
    }
  }

  private void add(BlockKey key, Leaf leaf) {
    List<Leaf> leaves = blocks.computeIfAbsent(key, k -> new ArrayList<>());
    if (!leaves.contains(leaf)) {
      leaves.add(leaf);
    }
  }

  /** The finished statement. */
  SqlQuery write(DSLContext render) {
    Optional<TimeUnit> fill = unitToFill();
    boolean wrap = blocks.size() > 1 || fill.isPresent() || plan.ranking().isPresent();
    int rowLimit = model.preferences().rowsShown();
    Query query;
    if (wrap) {
      Select<?> answer = blocks.size() > 1 ? folded() : single(true);
      String source = cte(ANSWER, answer);
      if (plan.ranking().isPresent()) {
        source = cte(RANKED, ranked(source));
      }
      query =
          fill.isPresent()
              ? filled(source, fill.get(), rowLimit)
              : wrapped(source).limit(inline(rowLimit + 1));
    } else {
      query =
          ((org.jooq.SelectOrderByStep<?>) single(false))
              .orderBy(order(n -> DSL.field(Names.of(n)), this::groupInPlace))
              .limit(inline(rowLimit + 1));
    }
    return new SqlQuery(
        render.render(query),
        render.extractBindValues(query),
        render.renderInlined(query),
        outputColumns(),
        rowLimit);
  }

  private org.jooq.SelectLimitStep<?> wrapped(String source) {
    return DSL.with(with)
        .select(columnsOf(source))
        .from(Names.of(source))
        .orderBy(order(n -> DSL.field(Names.of(n)), n -> DSL.field(Names.of(n))));
  }

  private String cte(String wanted, Select<?> select) {
    with.add(name(Names.of(wanted)).as(select));
    return wanted;
  }

  private List<Field<?>> columnsOf(String source) {
    List<Field<?>> fields = new ArrayList<>();
    groupNames.forEach(n -> fields.add(DSL.field(Names.of(n))));
    measureNames.forEach(n -> fields.add(DSL.field(Names.of(n))));
    return fields;
  }

  /** The only block, with the plan's measures computed in place. */
  private Select<?> single(boolean keys) {
    Map.Entry<BlockKey, List<Leaf>> block = blocks.entrySet().iterator().next();
    Scan scan = new Scan(block.getKey().table(), access, paths);
    List<SelectFieldOrAsterisk> fields = new ArrayList<>();
    List<Field<?>> groupBy = new ArrayList<>();
    groups(scan, block.getKey(), fields, groupBy, keys);
    for (int i = 0; i < measureNames.size(); i++) {
      Field<?> value = value(plan.measures().get(i), leaf -> aggregate(leaf, scan));
      fields.add(value.as(Names.of(measureNames.get(i))));
    }
    Condition where = where(scan, block.getKey());
    return grouped(select(fields).from(scan.from()).where(where), groupBy);
  }

  private Select<?> grouped(org.jooq.SelectConditionStep<?> select, List<Field<?>> groupBy) {
    return groupBy.isEmpty() ? select : select.groupBy(groupBy);
  }

  /** Several blocks under each other, folded by their groupings. */
  private Select<?> folded() {
    List<String> leafNames = new ArrayList<>();
    blocks.values().forEach(l -> l.forEach(leaf -> leafNames.add(leaf.name())));
    List<String> keyNames = new ArrayList<>();
    Select<?> under = null;
    for (Map.Entry<BlockKey, List<Leaf>> block : blocks.entrySet()) {
      Scan scan = new Scan(block.getKey().table(), access, paths);
      List<SelectFieldOrAsterisk> fields = new ArrayList<>();
      List<Field<?>> groupBy = new ArrayList<>();
      keyNames.clear();
      keyNames.addAll(groups(scan, block.getKey(), fields, groupBy, true));
      block.getValue().forEach(l -> fields.add(aggregate(l, scan).as(Names.of(l.name()))));
      Condition where = where(scan, block.getKey());
      String source =
          cte(
              blockName(block.getKey()),
              grouped(select(fields).from(scan.from()).where(where), groupBy));
      List<SelectFieldOrAsterisk> padded = new ArrayList<>();
      keyNames.forEach(k -> padded.add(DSL.field(Names.of(k))));
      for (String leaf : leafNames) {
        boolean own = block.getValue().stream().anyMatch(l -> l.name().equals(leaf));
        padded.add(
            own
                ? DSL.field(Names.of(leaf))
                : DSL.inline(null, SQLDataType.NUMERIC).as(Names.of(leaf)));
      }
      Select<Record> part = select(padded).from(Names.of(source));
      under = under == null ? part : unionAll(under, part);
    }
    String together = cte(TOGETHER, under);
    List<SelectFieldOrAsterisk> fields = new ArrayList<>();
    List<Field<?>> keys = new ArrayList<>();
    keyNames.forEach(k -> keys.add(DSL.field(Names.of(k))));
    fields.addAll(keys);
    for (int i = 0; i < measureNames.size(); i++) {
      Field<?> value =
          value(
              plan.measures().get(i),
              leaf -> {
                Field<?> one = DSL.max(DSL.field(Names.of(leaf.name())));
                return leaf.counts() ? zeroIfNone(one) : one;
              });
      fields.add(value.as(Names.of(measureNames.get(i))));
    }
    return grouped(select(fields).from(Names.of(together)).where(DSL.noCondition()), keys);
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private Select<?> unionAll(Select<?> above, Select<?> below) {
    return ((Select) above).unionAll((Select) below);
  }

  private Field<?> zeroIfNone(Field<?> field) {
    return DSL.field("coalesce({0}, 0)", Object.class, field);
  }

  private String blockName(BlockKey key) {
    String wanted = key.lastOnly() ? key.table() + "_on_last_day" : key.table();
    String free = wanted;
    for (int i = 2; isTaken(free); i++) {
      free = wanted + "_" + i;
    }
    return free;
  }

  private boolean isTaken(String cteName) {
    return Set.of(TOGETHER, ANSWER, RANKED).contains(cteName)
        || with.stream().anyMatch(c -> c.getName().equals(cteName));
  }

  /** Adds the groupings' fields; returns the names of what the rows are grouped by. */
  private List<String> groups(
      Scan scan,
      BlockKey block,
      List<SelectFieldOrAsterisk> fields,
      List<Field<?>> groupBy,
      boolean keys) {
    List<String> names = new ArrayList<>();
    for (int i = 0; i < plan.groupings().size(); i++) {
      Grouping grouping = plan.groupings().get(i);
      Field<?> shown = group(scan, block, grouping);
      if (grouping instanceof Grouping.ByColumn by && model.namesItsTable(by.column())) {
        String key = model.table(by.column().table()).key();
        if (!key.equals(by.column().column())) {
          Field<?> keyField =
              scan.column(new ColumnRef(by.column().table(), key, by.column().role()));
          groupBy.add(keyField);
          if (keys) {
            String keyName = groupNames.get(i) + " key";
            fields.add(keyField.as(Names.of(keyName)));
            names.add(keyName);
          }
        }
      }
      groupBy.add(shown);
      fields.add(shown.as(Names.of(groupNames.get(i))));
      names.add(groupNames.get(i));
    }
    return names;
  }

  private Field<?> group(Scan scan, BlockKey block, Grouping grouping) {
    if (grouping instanceof Grouping.ByColumn by) {
      return scan.column(by.column());
    }
    Grouping.ByTime time = (Grouping.ByTime) grouping;
    ColumnRef date = time.date().or(block::date).orElseThrow();
    return dialect.bucket(time.unit(), scan.column(date), model.calendar());
  }

  /** The measure over its leaves, however those are computed. */
  private Field<?> value(Measure measure, Function<Leaf, Field<?>> leaves) {
    if (measure instanceof Measure.MetricValue value) {
      return metric(model.metric(value.metric()), leaves);
    }
    return leaves.apply(new Leaf(restatement.measure(measure), measure, Optional.empty()));
  }

  private Field<?> metric(Metric metric, Function<Leaf, Field<?>> leaves) {
    if (metric.table().isPresent()) {
      return leaves.apply(
          new Leaf(metric.label(), new Measure.MetricValue(metric.name()), Optional.of(metric)));
    }
    return new ExpressionTranslator(n -> metric(model.metric(n), leaves), access.person())
        .field(ExpressionParser.parse(metric.sql()));
  }

  private Field<?> aggregate(Leaf leaf, Scan scan) {
    if (leaf.metric().isPresent()) {
      return scan.expression(ExpressionParser.parse(leaf.metric().get().sql()));
    }
    Measure measure = leaf.measure();
    if (measure instanceof Measure.DistinctRows rows) {
      String key = model.table(rows.counted()).key();
      return DSL.countDistinct(scan.column(new ColumnRef(rows.counted(), key, rows.role())));
    } else if (measure instanceof Measure.DistinctValues values) {
      return DSL.countDistinct(scan.column(values.column()));
    } else if (measure instanceof Measure.Statistic statistic) {
      return statistic(statistic, scan.column(statistic.column()));
    }
    return DSL.count();
  }

  private Field<?> statistic(Measure.Statistic statistic, Field<?> column) {
    return switch (statistic.kind()) {
      case SUM -> DSL.field("sum({0})", Object.class, column);
      case AVERAGE -> DSL.field("avg({0})", Object.class, column);
      case MINIMUM -> DSL.field("min({0})", Object.class, column);
      case MAXIMUM -> DSL.field("max({0})", Object.class, column);
      case STANDARD_DEVIATION -> DSL.field("stddev_samp({0})", Object.class, column);
      case MEDIAN -> percentile(50, column);
      case PERCENTILE -> percentile(statistic.percentile(), column);
    };
  }

  private Field<?> percentile(int percent, Field<?> column) {
    return DSL.field(
        "percentile_cont({0}) within group (order by {1})",
        Object.class, inline(java.math.BigDecimal.valueOf(percent, 2)), column);
  }

  private Condition where(Scan scan, BlockKey block) {
    Condition where = DSL.noCondition();
    for (Filter filter : plan.filters()) {
      where = where.and(filters.of(filter, scan, block.date()));
    }
    if (block.lastOnly()) {
      where = where.and(onLastDays(scan, block));
    }
    return where;
  }

  /** Keeps the rows of the last day of the period, or of each span of time grouped by. */
  private Condition onLastDays(Scan outer, BlockKey block) {
    ColumnRef date = block.date().orElseThrow();
    Scan inner = new Scan(block.table(), access, paths);
    Field<?> innerDate = inner.column(date);
    List<Field<?>> buckets = new ArrayList<>();
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByTime) {
        buckets.add(group(inner, block, grouping));
      }
    }
    Condition where = DSL.noCondition();
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InPeriod || filter instanceof Filter.OnWeekdays) {
        where = where.and(filters.of(filter, inner, block.date()));
      }
    }
    Select<?> lastDays =
        grouped(select(DSL.max(innerDate)).from(inner.from()).where(where), buckets);
    return DSL.condition("{0} in ({1})", outer.column(date), lastDays);
  }

  private Select<?> ranked(String source) {
    Plan.Ranking ranking = plan.ranking().orElseThrow();
    String by = measureNames.get(plan.measures().indexOf(ranking.by()));
    Field<?> field = DSL.field(Names.of(by));
    return select(columnsOf(source))
        .from(Names.of(source))
        .where(field.isNotNull())
        .orderBy(ranking.top() ? field.desc() : field.asc())
        .limit(inline(ranking.count()))
        .withTies();
  }

  /** The unit of time whose empty spans are to be shown, when the plan has one. */
  private Optional<TimeUnit> unitToFill() {
    boolean gapsWanted =
        plan.filters().stream()
            .anyMatch(
                f ->
                    f instanceof Filter.OnWeekdays
                        || f instanceof Filter.InPeriod in && in.negated());
    List<TimeUnit> units =
        plan.groupings().stream()
            .filter(g -> g instanceof Grouping.ByTime t && t.unit().isStretch())
            .map(g -> ((Grouping.ByTime) g).unit())
            .toList();
    return gapsWanted || units.size() != 1 || plan.ranking().isPresent()
        ? Optional.empty()
        : Optional.of(units.get(0));
  }

  /** The answer with a row for every span of time, empty ones too. */
  private Query filled(String source, TimeUnit unit, int rowLimit) {
    int place = 0;
    while (!(plan.groupings().get(place) instanceof Grouping.ByTime t && t.unit() == unit)) {
      place++;
    }
    String time = groupNames.get(place);
    Grouping.ByTime grouping = (Grouping.ByTime) plan.groupings().get(place);
    Table<?> spans =
        dialect
            .series(
                unit,
                firstSpan(source, time, unit, grouping),
                lastSpan(source, time, unit, grouping),
                time)
            .as(Names.of("spans"));
    List<String> others = groupNames.stream().filter(n -> !n.equals(time)).toList();
    Field<?> spanField = DSL.field(Names.of("spans", time));
    Condition same = DSL.condition("{0} = {1}", DSL.field(Names.of(source, time)), spanField);
    Table<?> from = spans;
    if (!others.isEmpty()) {
      List<Field<?>> keys = new ArrayList<>();
      List<String> keyNames = keyNames(others);
      keyNames.forEach(n -> keys.add(DSL.field(Names.of(n))));
      from =
          from.crossJoin(
              DSL.selectDistinct(keys).from(Names.of(source)).asTable().as(Names.of("parts")));
      for (String n : keyNames) {
        same =
            same.and(
                DSL.condition(
                    "{0} is not distinct from {1}",
                    DSL.field(Names.of(source, n)), DSL.field(Names.of("parts", n))));
      }
    }
    List<SelectFieldOrAsterisk> fields = new ArrayList<>();
    for (String n : groupNames) {
      fields.add((n.equals(time) ? spanField : DSL.field(Names.of("parts", n))).as(Names.of(n)));
    }
    for (int i = 0; i < measureNames.size(); i++) {
      Field<?> value = DSL.field(Names.of(source, measureNames.get(i)));
      fields.add(
          (isCount(plan.measures().get(i)) ? zeroIfNone(value) : value)
              .as(Names.of(measureNames.get(i))));
    }
    return DSL.with(with)
        .select(fields)
        .from(from.leftJoin(DSL.table(Names.of(source))).on(same))
        .orderBy(
            order(
                n -> DSL.field(Names.of(n)),
                n -> n.equals(time) ? spanField : DSL.field(Names.of("parts", n))))
        .limit(inline(rowLimit + 1));
  }

  private List<String> keyNames(List<String> groups) {
    List<String> names = new ArrayList<>();
    for (String group : groups) {
      Grouping grouping = plan.groupings().get(groupNames.indexOf(group));
      if (grouping instanceof Grouping.ByColumn by
          && model.namesItsTable(by.column())
          && !model.table(by.column().table()).key().equals(by.column().column())) {
        names.add(group + " key");
      }
      names.add(group);
    }
    return names;
  }

  private boolean isCount(Measure measure) {
    return blocks.values().stream()
        .flatMap(List::stream)
        .anyMatch(l -> l.measure().equals(measure) && l.counts());
  }

  private Field<?> firstSpan(String source, String time, TimeUnit unit, Grouping.ByTime grouping) {
    return range(grouping)
        .flatMap(DayRange::first)
        .<Field<?>>map(d -> dialect.bucket(unit, DSL.val(d), model.calendar()))
        .orElseGet(
            () -> DSL.field(select(DSL.min(DSL.field(Names.of(time)))).from(Names.of(source))));
  }

  private Field<?> lastSpan(String source, String time, TimeUnit unit, Grouping.ByTime grouping) {
    return range(grouping)
        .flatMap(DayRange::last)
        .map(d -> d.isAfter(periods.today()) ? periods.today() : d)
        .<Field<?>>map(d -> dialect.bucket(unit, DSL.val(d), model.calendar()))
        .orElseGet(
            () -> DSL.field(select(DSL.max(DSL.field(Names.of(time)))).from(Names.of(source))));
  }

  /** The days that the plan's one period on the grouped date covers. */
  private Optional<DayRange> range(Grouping.ByTime grouping) {
    List<Filter.InPeriod> periodFilters =
        plan.filters().stream()
            .filter(f -> f instanceof Filter.InPeriod in && in.date().equals(grouping.date()))
            .map(f -> (Filter.InPeriod) f)
            .toList();
    return periodFilters.size() == 1
        ? Optional.of(periods.resolve(periodFilters.get(0).period()))
        : Optional.empty();
  }

  /**
   * The order of the rows.
   *
   * @param field an output column by name, standing alone
   * @param inside the same, to stand inside an expression, where output names are not known
   */
  private List<OrderField<?>> order(
      Function<String, Field<?>> field, Function<String, Field<?>> inside) {
    List<OrderField<?>> order = new ArrayList<>();
    Set<String> done = new LinkedHashSet<>();
    if (plan.sort().isPresent()) {
      Plan.Sort sort = plan.sort().get();
      String key =
          sort.by() instanceof Measure m
              ? measureNames.get(plan.measures().indexOf(m))
              : groupNames.get(plan.groupings().indexOf((Grouping) sort.by()));
      order.add(direction(sortValue(key, field, inside), sort.descending()));
      done.add(key);
    } else if (plan.ranking().isPresent()) {
      String by = measureNames.get(plan.measures().indexOf(plan.ranking().get().by()));
      order.add(direction(field.apply(by), plan.ranking().get().top()));
      done.add(by);
    } else if (!hasNaturalOrder() && !plan.groupings().isEmpty()) {
      order.add(direction(field.apply(measureNames.get(0)), true));
      done.add(measureNames.get(0));
    }
    for (String group : groupNames) {
      if (done.add(group)) {
        order.add(sortValue(group, field, inside).asc().nullsLast());
      }
    }
    return order;
  }

  private SortField<?> direction(Field<?> field, boolean descending) {
    return (descending ? field.desc() : field.asc()).nullsLast();
  }

  private boolean hasNaturalOrder() {
    return plan.groupings().stream()
        .anyMatch(
            g ->
                g instanceof Grouping.ByTime
                    || g instanceof Grouping.ByColumn by
                        && (!model.column(by.column()).order().isEmpty()
                            || model.column(by.column()).holds() == Column.Holds.NUMBER));
  }

  /** What a group is sorted by: its place in the author's order, or itself. */
  private Field<?> sortValue(
      String group, Function<String, Field<?>> field, Function<String, Field<?>> inside) {
    int place = groupNames.indexOf(group);
    if (place < 0 || !(plan.groupings().get(place) instanceof Grouping.ByColumn by)) {
      return field.apply(group);
    }
    List<String> order = model.column(by.column()).order();
    if (order.isEmpty()) {
      return field.apply(group);
    }
    return DSL.field(
        "array_position(array[{0}], cast({1} as text))",
        Object.class, DSL.list(order.stream().map(DSL::inline).toList()), inside.apply(group));
  }

  private Field<?> groupInPlace(String group) {
    BlockKey block = blocks.keySet().iterator().next();
    return group(
        new Scan(block.table(), access, paths),
        block,
        plan.groupings().get(groupNames.indexOf(group)));
  }

  private List<OutputColumn> outputColumns() {
    List<OutputColumn> columns = new ArrayList<>();
    for (int i = 0; i < groupNames.size(); i++) {
      columns.add(
          new OutputColumn(
              groupNames.get(i),
              kind(plan.groupings().get(i)),
              unit(plan.groupings().get(i)),
              Metric.ShownAs.NUMBER));
    }
    for (int i = 0; i < measureNames.size(); i++) {
      columns.add(OutputColumns.of(measureNames.get(i), plan.measures().get(i), model));
    }
    return columns;
  }

  private OutputColumn.Kind kind(Grouping grouping) {
    if (grouping instanceof Grouping.ByTime time) {
      return OutputColumn.Kind.valueOf(time.unit().name());
    }
    Column column = model.column(((Grouping.ByColumn) grouping).column());
    return switch (column.holds()) {
      case NUMBER -> OutputColumn.Kind.CATEGORY;
      case DATE, TIME -> OutputColumn.Kind.DATE;
      case YES_NO -> OutputColumn.Kind.YES_NO;
      default -> OutputColumn.Kind.CATEGORY;
    };
  }

  private Optional<String> unit(Grouping grouping) {
    return grouping instanceof Grouping.ByColumn by
        ? model.column(by.column()).unit()
        : Optional.empty();
  }
}
