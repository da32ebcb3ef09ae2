package org.ropebridge.sql;

import static org.jooq.impl.DSL.select;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Select;
import org.jooq.SelectConditionStep;
import org.jooq.SelectFieldOrAsterisk;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.ropebridge.model.Metric;
import org.ropebridge.model.expression.Emptiness;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/**
 * The measures of a plan that are computed within each group: one block of rows for each base
 * table, date and time, laid under each other and folded by the groupings that they share. No block
 * joins along a one-to-many link, so nothing is counted twice.
 */
final class Blocks {
  /** The column that tells how many guarded rows stand behind a group. */
  static final String BEHIND = "rows behind";

  private final Plan plan;
  private final Ground ground;
  private final Ctes ctes;
  private final Headings headings;
  private final Shift base;
  private final RowFilters filters;
  private final Map<Place, Set<Leaf>> places = new LinkedHashMap<>();
  private final Map<Place, Block> blocks = new HashMap<>();
  private final Map<LeafAt, String> leafNames = new LinkedHashMap<>();
  private final Set<LeafAt> behind = new LinkedHashSet<>();
  private final GroupSizes sizes;
  private boolean namesLeftOut;
  private boolean missingLeftOut;

  /** Where a leaf is computed: over rows of a table, or over parts. */
  private sealed interface Place {}

  private record Rows(TableBlock.Key key) implements Place {}

  private record Parts(Measure.Plain over, Shift shift) implements Place {}

  private record LeafAt(Place place, Leaf leaf) {}

  Blocks(Plan plan, Ground ground, Ctes ctes, Headings headings, Shift base) {
    this.plan = plan;
    this.ground = ground;
    this.ctes = ctes;
    this.headings = headings;
    this.base = base;
    this.filters = new RowFilters(ground, ctes);
    this.sizes = new GroupSizes(ground);
  }

  /** Whether the measure is computed here, and not by looking at other groups. */
  static boolean computes(Measure measure) {
    return measure instanceof Measure.Plain || measure instanceof Measure.Compared;
  }

  /** What the measure is where there are no rows at all; empty when it is missing there. */
  Optional<BigDecimal> ofNothing(Measure measure) {
    if (measure instanceof Measure.Narrowed narrowed) {
      return ofNothing(narrowed.of());
    } else if (measure instanceof Measure.Compared compared) {
      return switch (compared.move()) {
        case BEFORE -> ofNothing(compared.of());
        case CHANGE -> ofNothing(compared.of()).map(v -> BigDecimal.ZERO);
        case GROWTH -> ofNothing(compared.of()).filter(v -> v.signum() != 0);
      };
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      return ofNothing(arithmetic);
    } else if (measure instanceof Measure.MetricValue value) {
      Metric metric = ground.model().metric(value.metric());
      return Emptiness.overNoRows(
          ExpressionParser.parse(metric.sql()), name -> ofNothing(new Measure.MetricValue(name)));
    }
    return measure instanceof Measure.Basic basic
        ? new Leaf(basic, Optional.empty(), List.of()).ofNothing()
        : Optional.empty();
  }

  private Optional<BigDecimal> ofNothing(Measure.Arithmetic arithmetic) {
    boolean sums = sums(arithmetic);
    Optional<BigDecimal> zero = sums ? Optional.of(BigDecimal.ZERO) : Optional.empty();
    Optional<BigDecimal> left = ofNothing(arithmetic.left()).or(() -> zero);
    Optional<BigDecimal> right = ofNothing(arithmetic.right()).or(() -> zero);
    if (left.isEmpty() || right.isEmpty()) {
      return Optional.empty();
    }
    BigDecimal first = left.get();
    BigDecimal second = right.get();
    return switch (arithmetic.operator()) {
      case PLUS -> Optional.of(first.add(second));
      case MINUS -> Optional.of(first.subtract(second));
      case TIMES -> Optional.of(first.multiply(second));
      case DIVIDED_BY ->
          second.signum() == 0
              ? Optional.empty()
              : Optional.of(
                  first.multiply(arithmetic.factor()).divide(second, MathContext.DECIMAL128));
    };
  }

  private Shift shift(Measure.Compared compared) {
    return Shift.of(compared.earlier(), plan, ground.periods());
  }

  /** Takes up what the measures are made of. */
  void need(List<Measure> measures) {
    measures.forEach(m -> value(m, l -> DSL.inline(0)));
  }

  /** Whether more than one block is needed. */
  boolean areSeveral() {
    return places.size() > 1;
  }

  /** Whether blocks refer to other common table expressions. */
  boolean needExpressions() {
    return places.keySet().stream().anyMatch(Parts.class::isInstance)
        || RowFilters.needExpressions(plan.filters())
        || places.values().stream()
            .flatMap(Set::stream)
            .anyMatch(l -> RowFilters.needExpressions(l.narrowing()));
  }

  /** Groups are told apart by their keys alone from now on, where all blocks have sound ones. */
  void leaveOutNames() {
    namesLeftOut =
        plan.groupings().stream()
            .allMatch(
                g ->
                    hasKey(g)
                        && places.keySet().stream()
                            .allMatch(p -> block(p).soundKey((Grouping.ByColumn) g).isPresent()));
  }

  /** Groups without a key are not looked for, where names are left out. */
  void leaveOutMissing() {
    missingLeftOut = namesLeftOut;
  }

  boolean areNamesLeftOut() {
    return namesLeftOut;
  }

  /** The only block, with the measures computed in place. */
  Select<?> single(List<Measure> measures, boolean keys) {
    Block block = block(places.keySet().iterator().next());
    limit(places.keySet().iterator().next());
    List<SelectFieldOrAsterisk> fields = new ArrayList<>();
    List<Field<?>> groupBy = new ArrayList<>();
    groups(block, fields, groupBy, keys);
    for (Measure measure : measures) {
      Field<?> value = value(measure, at -> block.aggregate(at.leaf()));
      fields.add(value.as(Names.of(headings.of(measure))));
    }
    if (haveSizes()) {
      fields.add(fewestBehind(at -> block.aggregate(at.leaf())));
    }
    return grouped(fields, block, groupBy);
  }

  /** Without groups, rows that count for nothing need not be read; a group would be lost. */
  private void limit(Place place) {
    if (plan.groupings().isEmpty()) {
      block(place).computeOnly(places.get(place));
    }
  }

  /** A grouping of the only block, to stand in its ORDER BY. */
  Field<?> groupInPlace(Grouping grouping) {
    return block(places.keySet().iterator().next()).group(grouping);
  }

  private Select<?> grouped(
      List<SelectFieldOrAsterisk> fields, Block block, List<Field<?>> groupBy) {
    Condition where = block.where();
    if (missingLeftOut) {
      // Only what has a key can be found by it.
      for (Field<?> key : groupBy) {
        where = where.and(key.isNotNull());
      }
    }
    SelectConditionStep<Record> select = select(fields).from(block.from()).where(where);
    return groupBy.isEmpty() ? select : select.groupBy(groupBy);
  }

  /** The block of a place, always the same one, so that its joined tables keep their names. */
  private Block block(Place place) {
    Block known = blocks.get(place);
    if (known == null) {
      known =
          place instanceof Rows rows
              ? new TableBlock(rows.key(), plan, ground, filters)
              : parts((Parts) place);
      blocks.put(place, known);
    }
    return known;
  }

  private Block parts(Parts parts) {
    return new PartsBlock(parts.over(), plan, ground, ctes, parts.shift());
  }

  /** Several blocks under each other, folded by their groupings. */
  Select<?> folded(List<Measure> measures) {
    List<String> keyNames = new ArrayList<>();
    Select<?> under = null;
    for (Map.Entry<Place, Set<Leaf>> entry : places.entrySet()) {
      Block block = block(entry.getKey());
      limit(entry.getKey());
      List<SelectFieldOrAsterisk> fields = new ArrayList<>();
      List<Field<?>> groupBy = new ArrayList<>();
      keyNames.clear();
      keyNames.addAll(groups(block, fields, groupBy, true));
      for (Leaf leaf : entry.getValue()) {
        String name = leafNames.get(new LeafAt(entry.getKey(), leaf));
        fields.add(block.aggregate(leaf).as(Names.of(name)));
      }
      String source = ctes.add(block.name(), grouped(fields, block, groupBy));
      Select<?> part = padded(source, keyNames, entry.getKey());
      under = under == null ? part : unionAll(under, part);
    }
    String together = ctes.add("together", under);
    List<SelectFieldOrAsterisk> fields = new ArrayList<>();
    List<Field<?>> keys = new ArrayList<>();
    keyNames.forEach(k -> keys.add(DSL.field(Names.of(k))));
    fields.addAll(keys);
    for (Measure measure : measures) {
      fields.add(value(measure, this::foldedLeaf).as(Names.of(headings.of(measure))));
    }
    if (haveSizes()) {
      fields.add(fewestBehind(this::foldedLeaf));
    }
    SelectConditionStep<Record> folded =
        select(fields).from(Names.of(together)).where(DSL.noCondition());
    return keys.isEmpty() ? folded : folded.groupBy(keys);
  }

  /** The columns of one block among those of all, the others missing. */
  private Select<?> padded(String source, List<String> keyNames, Place place) {
    List<SelectFieldOrAsterisk> padded = new ArrayList<>();
    keyNames.forEach(k -> padded.add(DSL.field(Names.of(k))));
    leafNames.forEach(
        (at, name) ->
            padded.add(
                at.place().equals(place)
                    ? DSL.field(Names.of(name))
                    : missing(at.leaf()).as(Names.of(name))));
    return select(padded).from(Names.of(source));
  }

  private Field<?> missing(Leaf leaf) {
    boolean date =
        leaf.measure() instanceof Measure.Statistic s
            && ground.model().column(s.column()).holds().isTemporal();
    return date ? DSL.inline(null, SQLDataType.LOCALDATE) : DSL.inline(null, SQLDataType.NUMERIC);
  }

  private Field<?> foldedLeaf(LeafAt at) {
    Field<?> one = DSL.max(DSL.field(Names.of(leafNames.get(at))));
    return at.leaf().ofNothing().<Field<?>>map(v -> orElse(one, v)).orElse(one);
  }

  private static Field<?> orElse(Field<?> field, BigDecimal otherwise) {
    return DSL.field("coalesce({0}, {1})", Object.class, field, DSL.inline(otherwise));
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private static Select<?> unionAll(Select<?> above, Select<?> below) {
    return ((Select) above).unionAll((Select) below);
  }

  /** Adds the groupings' fields; returns the names of what the rows are grouped by. */
  private List<String> groups(
      Block block, List<SelectFieldOrAsterisk> fields, List<Field<?>> groupBy, boolean keys) {
    List<String> names = new ArrayList<>();
    for (Grouping grouping : plan.groupings()) {
      if (hasKey(grouping)) {
        Grouping.ByColumn by = (Grouping.ByColumn) grouping;
        Field<?> key = namesLeftOut ? block.soundKey(by).orElseThrow() : block.key(by);
        groupBy.add(key);
        if (keys) {
          fields.add(key.as(Names.of(headings.key(grouping))));
          names.add(headings.key(grouping));
        }
        if (namesLeftOut) {
          continue;
        }
      }
      Field<?> shown = block.group(grouping);
      groupBy.add(shown);
      fields.add(shown.as(Names.of(headings.of(grouping))));
      names.add(headings.of(grouping));
    }
    return names;
  }

  /** Whether rows of the grouping are told apart by more than what is shown. */
  boolean hasKey(Grouping grouping) {
    return grouping instanceof Grouping.ByColumn by
        && ground.model().isKnownBy(by.column())
        && !ground.model().table(by.column().table()).key().equals(by.column().column());
  }

  /** The name of the column by which rows of the grouping are told apart. */
  String identityName(Grouping grouping) {
    return hasKey(grouping) ? headings.key(grouping) : headings.of(grouping);
  }

  /** The column by which rows of the grouping are told apart. */
  Field<?> identity(Grouping grouping) {
    return DSL.field(Names.of(identityName(grouping)));
  }

  /** The measure over its leaves, however those are computed. */
  private Field<?> value(Measure measure, Function<LeafAt, Field<?>> leaves) {
    if (!(measure instanceof Measure.Compared compared)) {
      return plain((Measure.Plain) measure, base, leaves);
    }
    Field<?> before = plain(compared.of(), shift(compared), leaves);
    if (compared.move() == Measure.Move.BEFORE) {
      return before;
    }
    Field<?> now = plain(compared.of(), base, leaves);
    return compared.move() == Measure.Move.CHANGE
        ? DSL.field("{0} - {1}", Object.class, now, before)
        : DSL.field("cast({0} - {1} as numeric) / nullif(abs({1}), 0)", Object.class, now, before);
  }

  private Field<?> plain(Measure.Plain measure, Shift shift, Function<LeafAt, Field<?>> leaves) {
    if (measure instanceof Measure.Basic basic) {
      return basic(basic, List.of(), shift, leaves);
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return basic(narrowed.of(), narrowed.filters(), shift, leaves);
    } else if (measure instanceof Measure.Portion portion) {
      return quotient(
          basic(portion.of(), portion.filters(), shift, leaves),
          basic(portion.of(), List.of(), shift, leaves));
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      return arithmetic(arithmetic, shift, leaves);
    }
    return leaf(new Parts(measure, shift), new Leaf(measure, Optional.empty(), List.of()), leaves);
  }

  private Field<?> arithmetic(
      Measure.Arithmetic arithmetic, Shift shift, Function<LeafAt, Field<?>> leaves) {
    Field<?> left = plain(arithmetic.left(), shift, leaves);
    Field<?> right = plain(arithmetic.right(), shift, leaves);
    return switch (arithmetic.operator()) {
      case PLUS -> sum("({0} + {1})", arithmetic, left, right);
      case MINUS -> sum("({0} - {1})", arithmetic, left, right);
      case TIMES -> DSL.field("{0} * {1}", Object.class, left, right);
      case DIVIDED_BY ->
          arithmetic.factor().compareTo(BigDecimal.ONE) == 0
              ? quotient(left, right)
              : DSL.field(
                  "{0} * cast({1} as numeric) / nullif({2}, 0)",
                  Object.class, DSL.inline(arithmetic.factor()), left, right);
    };
  }

  /** Where parts add up to wholes, one that is missing counts as nothing beside the other. */
  private Field<?> sum(String form, Measure.Arithmetic arithmetic, Field<?> left, Field<?> right) {
    return sums(arithmetic)
        ? DSL.field(
            form,
            Object.class,
            orNothing(arithmetic.left(), left),
            orNothing(arithmetic.right(), right))
        : DSL.field(form, Object.class, left, right);
  }

  private boolean sums(Measure.Arithmetic arithmetic) {
    boolean sum =
        arithmetic.operator() == Measure.Operator.PLUS
            || arithmetic.operator() == Measure.Operator.MINUS;
    return sum
        && MeasureTables.addsUp(arithmetic.left(), ground.model())
        && MeasureTables.addsUp(arithmetic.right(), ground.model());
  }

  private Field<?> orNothing(Measure measure, Field<?> field) {
    boolean neverMissing = measure instanceof Measure.RowCount;
    return neverMissing ? field : orElse(field, BigDecimal.ZERO);
  }

  private static Field<?> quotient(Field<?> left, Field<?> right) {
    return DSL.field("cast({0} as numeric) / nullif({1}, 0)", Object.class, left, right);
  }

  private Field<?> basic(
      Measure.Basic measure,
      List<Filter> narrowing,
      Shift shift,
      Function<LeafAt, Field<?>> leaves) {
    if (measure instanceof Measure.MetricValue value) {
      return metric(ground.model().metric(value.metric()), narrowing, shift, leaves);
    }
    String table = MeasureTables.of(measure, ground.model()).iterator().next();
    TableBlock.Key key =
        new TableBlock.Key(
            table,
            MeasureTables.date(table, Optional.empty(), ground.model()),
            false,
            List.of(),
            shift);
    return leaf(new Rows(key), new Leaf(measure, Optional.empty(), narrowing), leaves);
  }

  private Field<?> metric(
      Metric metric, List<Filter> narrowing, Shift shift, Function<LeafAt, Field<?>> leaves) {
    if (metric.table().isEmpty()) {
      return new ExpressionTranslator(
              n -> metric(ground.model().metric(n), narrowing, shift, leaves),
              ground.access().person(),
              ground.periods().today())
          .field(ExpressionParser.parse(metric.sql()));
    }
    boolean lastOnly = metric.acrossTime() == Metric.AcrossTime.LAST;
    String table = metric.table().get();
    TableBlock.Key key =
        new TableBlock.Key(
            table,
            MeasureTables.date(table, Optional.of(metric), ground.model()),
            lastOnly,
            lastOnly ? narrowing : List.of(),
            shift);
    Leaf leaf = new Leaf(new Measure.MetricValue(metric.name()), Optional.of(metric), narrowing);
    return leaf(new Rows(key), leaf, leaves);
  }

  private Field<?> leaf(Place place, Leaf leaf, Function<LeafAt, Field<?>> leaves) {
    if (place instanceof Rows rows && sizes.areHeld()) {
      for (Leaf counting : sizes.counting(rows.key().table(), leaf)) {
        behind.add(take(place, counting));
      }
    }
    return leaves.apply(take(place, leaf));
  }

  private LeafAt take(Place place, Leaf leaf) {
    LeafAt at = new LeafAt(place, leaf);
    places.computeIfAbsent(place, p -> new LinkedHashSet<>()).add(leaf);
    leafNames.computeIfAbsent(at, a -> leafName(place, leaf));
    return at;
  }

  /** Whether groups that are too small are to be withheld. */
  boolean haveSizes() {
    return !behind.isEmpty();
  }

  /** The fewest guarded rows that stand behind any number of a group; missing where none do. */
  private Field<?> fewestBehind(Function<LeafAt, Field<?>> leaves) {
    List<Field<?>> counts = new ArrayList<>();
    behind.forEach(at -> counts.add(DSL.field("nullif({0}, 0)", Object.class, leaves.apply(at))));
    return DSL.field("least({0})", Object.class, DSL.list(counts)).as(Names.of(BEHIND));
  }

  private String leafName(Place place, Leaf leaf) {
    if (leaf.behind().isPresent()) {
      return freeName(BEHIND);
    }
    Shift shift = place instanceof Rows rows ? rows.key().shift() : ((Parts) place).shift();
    String words =
        leaf.narrowing().isEmpty()
            ? ground.restatement().measure(leaf.measure())
            : ground
                .restatement()
                .measure(new Measure.Narrowed((Measure.Basic) leaf.measure(), leaf.narrowing()));
    String full = shift.equals(base) ? words : words + " before";
    return freeName(full.length() > 56 ? full.substring(0, 56) : full);
  }

  private String freeName(String wanted) {
    Set<String> taken = new HashSet<>(leafNames.values());
    String name = wanted;
    for (int i = 2; taken.contains(name); i++) {
      name = wanted + " " + i;
    }
    return name;
  }
}
