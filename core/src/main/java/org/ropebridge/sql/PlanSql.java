package org.ropebridge.sql;

import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.select;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Query;
import org.jooq.Select;
import org.jooq.SelectOrderByStep;
import org.jooq.impl.DSL;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * The SQL of a plan of measures, stage by stage; each stage is a common table expression, and
 * stages that have nothing to do are left out:
 *
 * <pre>
 * blocks folded  ->  empty spans of time  ->  figures that look at other groups  ->  groups kept
 * </pre>
 */
final class PlanSql {
  private static final String PLACE = "place";
  static final String YES_OR_NO = "yes or no";

  private final Plan plan;
  private final Ground ground;
  private final Ctes ctes;
  private final Headings headings;
  private final Blocks blocks;
  private final Figures figures;
  private final Spans spans;
  private final Ordering ordering;

  PlanSql(Plan plan, Ground ground, Ctes ctes, Shift base) {
    this.plan = plan;
    this.ground = ground;
    this.ctes = ctes;
    this.headings = new Headings(plan, ground.restatement());
    this.blocks = new Blocks(plan, ground, ctes, headings, base);
    this.figures = new Figures(plan, headings, blocks);
    this.spans = new Spans(plan, ground, headings, blocks);
    this.ordering = new Ordering(plan, ground, headings);
  }

  Headings headings() {
    return headings;
  }

  /** The measures that blocks compute: those shown, and those that figures are made of. */
  private List<Measure> inBlocks() {
    Set<Measure> inner = new LinkedHashSet<>();
    for (Measure measure : computed(plan)) {
      inner.add(Blocks.computes(measure) ? measure : ((Measure.Figure) measure).of());
    }
    return List.copyOf(inner);
  }

  private static List<Measure> computed(Plan plan) {
    List<Measure> all = new ArrayList<>(plan.measures());
    plan.keeps().stream().map(Plan.Keep::measure).forEach(all::add);
    return all;
  }

  /** The finished statement. */
  SqlQuery write(DSLContext render) {
    int rowLimit = ground.rowLimit();
    Query query;
    boolean needsStages = needsStages();
    Optional<Select<?>> counted =
        blocks.haveSizes() ? Optional.empty() : CountOfFound.of(plan, ground, headings);
    if (counted.isPresent()) {
      query = counted.get();
    } else if (needsStages) {
      if (mayLeaveOutNames()) {
        blocks.leaveOutNames();
      }
      Select<?> stages = stages();
      String source = ctes.add("answer", blocks.areNamesLeftOut() ? named(stages) : stages);
      query =
          DSL.with(ctes.all())
              .select(shown())
              .from(Names.of(source))
              .orderBy(ordering.of(n -> DSL.field(Names.of(n)), headings::field))
              .limit(inline(rowLimit + 1));
    } else {
      query =
          ((SelectOrderByStep<?>) blocks.single(inBlocks(), false))
              .orderBy(ordering.of(n -> DSL.field(Names.of(n)), blocks::groupInPlace))
              .limit(inline(rowLimit + 1));
    }
    return new SqlQuery(
        render.render(query),
        render.extractBindValues(query),
        render.renderInlined(query),
        OutputColumns.of(plan, ground),
        rowLimit);
  }

  private List<Field<?>> shown() {
    List<Field<?>> fields = new ArrayList<>();
    plan.groupings().forEach(g -> fields.add(headings.field(g)));
    plan.measures().forEach(m -> fields.add(headings.field(m)));
    plan.claim()
        .ifPresent(
            bound -> {
              Condition holds = RowFilters.compare(headings.field(plan.measures().get(0)), bound);
              fields.add(
                  DSL.field("coalesce({0}, false)", Boolean.class, holds).as(Names.of(YES_OR_NO)));
            });
    return fields;
  }

  private boolean needsStages() {
    blocks.need(inBlocks());
    return blocks.haveSizes()
        || blocks.areSeveral()
        || blocks.needExpressions()
        || spans.areNeeded()
        || figures.areNeeded()
        || !plan.keeps().isEmpty()
        || plan.ranking().isPresent()
        || plan.claim().isPresent();
  }

  /** Groups, their keys and all measures, as a select that other parts of a statement build on. */
  Select<?> computed() {
    needsStages();
    return stages();
  }

  /**
   * The same, but only what tells the groups apart, and no names, where the warehouse promises that
   * this is all the same.
   */
  Select<?> identified() {
    needsStages();
    if (mayLeaveOutNames()) {
      blocks.leaveOutNames();
      blocks.leaveOutMissing();
    }
    return stages();
  }

  /** Whether {@link #identified} gives a key of a row for each group, and no key twice. */
  boolean findsRows() {
    return blocks.areNamesLeftOut();
  }

  /** Whether nothing but the keys of the groups matters until the groups to keep are known. */
  private boolean mayLeaveOutNames() {
    return plan.ranking().isEmpty()
        && !plan.keeps().isEmpty()
        && plan.groupings().size() == 1
        && !blocks.haveSizes()
        && !figures.areNeeded()
        && !spans.areNeeded();
  }

  /** The groups with their names, which are looked up for those that are left. */
  private Select<?> named(Select<?> stages) {
    Grouping.ByColumn grouping = (Grouping.ByColumn) plan.groupings().get(0);
    String source = ctes.add("kept groups", stages);
    String table = grouping.column().table();
    Scan scan = ground.scan(table);
    Field<?> name = scan.column(grouping.column().withoutRole());
    Field<?> own = scan.column(ColumnRef.of(table, ground.model().table(table).key()));
    String key = headings.key(grouping);
    List<Field<?>> fields = new ArrayList<>();
    fields.add(DSL.field(Names.of(source, key)));
    fields.add(name.as(Names.of(headings.of(grouping))));
    computed(plan).stream()
        .distinct()
        .forEach(m -> fields.add(DSL.field(Names.of(source, headings.of(m)))));
    return select(fields)
        .from(DSL.table(Names.of(source)))
        .leftJoin(scan.from())
        .on(DSL.condition("{0} = {1}", DSL.field(Names.of(source, key)), own));
  }

  private Select<?> stages() {
    List<Measure> inner = inBlocks();
    Select<?> stage = blocks.areSeveral() ? blocks.folded(inner) : blocks.single(inner, true);
    if (spans.areNeeded()) {
      stage = spans.filled(ctes.add("computed", stage), inner);
    }
    if (blocks.haveSizes()) {
      stage = largeEnough(stage, inner);
    }
    if (figures.areNeeded()) {
      String source = ctes.add("groups", stage);
      stage = select(figures.fields(carried(inner))).from(Names.of(source));
    }
    if (!plan.keeps().isEmpty()) {
      String source = ctes.add("all groups", stage);
      Condition named = named();
      stage =
          select(carried(computed(plan)))
              .from(Names.of(source))
              .where(named.and(figures.kept(source, named)));
    }
    return plan.ranking().isPresent() ? ranked(stage, plan.ranking().get()) : stage;
  }

  /**
   * The groups with enough guarded rows behind them. Where small groups of one series are together
   * fewer than enough, the next smallest is withheld with them, so that none follows from a total.
   */
  private Select<?> largeEnough(Select<?> stage, List<Measure> inner) {
    GroupSizes sizes = new GroupSizes(ground);
    Field<Integer> behind = DSL.field(Names.of(Blocks.BEHIND), Integer.class);
    Condition withheld = behind.lt(inline(sizes.atLeast()));
    List<Field<?>> flagged = new ArrayList<>(carried(inner));
    flagged.add(behind);
    List<Field<?>> order = new ArrayList<>(List.of(behind));
    plan.groupings().forEach(g -> order.add(blocks.identity(g)));
    for (Grouping varied : plan.groupings()) {
      List<Field<?>> fixed = new ArrayList<>();
      plan.groupings().stream()
          .filter(g -> !g.equals(varied))
          .forEach(g -> fixed.add(blocks.identity(g)));
      Field<?> smaller =
          DSL.field(
              "coalesce(sum({0}) over ({1}order by {2} rows between unbounded preceding and 1"
                  + " preceding), 0)",
              Object.class,
              behind,
              fixed.isEmpty()
                  ? DSL.field("")
                  : DSL.field("partition by {0} ", Object.class, DSL.list(fixed)),
              DSL.list(order));
      String name = "smaller ones " + (plan.groupings().indexOf(varied) + 1);
      flagged.add(smaller.as(Names.of(name)));
      withheld =
          withheld.or(
              behind
                  .isNotNull()
                  .and(
                      DSL.condition(
                          "{0} between 1 and {1}",
                          DSL.field(Names.of(name)), inline(sizes.atLeast() - 1))));
    }
    String source =
        ctes.add("sizes", select(flagged).from(Names.of(ctes.add("groups of any size", stage))));
    Condition shown = DSL.condition("({0}) is not true", withheld);
    for (Plan beside : sizes.besides(plan)) {
      shown = shown.and(isLargeEnough(beside, sizes.atLeast()));
    }
    return select(carried(inner)).from(Names.of(source)).where(shown);
  }

  private Condition isLargeEnough(Plan beside, int atLeast) {
    PlanSql counting = new PlanSql(beside, ground.withoutGroupSizes(), ctes, Shift.NONE);
    String source = ctes.add("left out", counting.computed());
    return DSL.notExists(
        DSL.selectOne()
            .from(Names.of(source))
            .where(
                DSL.condition(
                    "{0} between 1 and {1}",
                    counting.headings().field(beside.measures().get(0)), inline(atLeast - 1))));
  }

  /** The columns that go on from stage to stage. */
  private List<Field<?>> carried(List<Measure> measures) {
    Set<Field<?>> fields = new LinkedHashSet<>();
    for (Grouping grouping : plan.groupings()) {
      if (blocks.hasKey(grouping)) {
        fields.add(DSL.field(Names.of(headings.key(grouping))));
      }
      if (!blocks.areNamesLeftOut()) {
        fields.add(headings.field(grouping));
      }
    }
    measures.forEach(m -> fields.add(headings.field(m)));
    return List.copyOf(fields);
  }

  /** Rows that belong to no hut are no hut: they are not among the "huts with more than ...". */
  private Condition named() {
    Condition named = DSL.noCondition();
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByColumn) {
        named = named.and(blocks.identity(grouping).isNotNull());
      }
    }
    return named;
  }

  /** The groups at one end. Where the value that names a group is missing, it is not ranked. */
  private Select<?> ranked(Select<?> stage, Plan.Ranking ranking) {
    String source = ctes.add("ranked groups", stage);
    Field<?> by = headings.field(ranking.by());
    List<Field<?>> columns = carried(computed(plan));
    Condition ranked = by.isNotNull();
    for (Grouping grouping : plan.groupings()) {
      boolean isRanked = !ranking.within().equals(Optional.of(grouping));
      if (isRanked && grouping instanceof Grouping.ByColumn) {
        ranked = ranked.and(headings.field(grouping).isNotNull());
      }
    }
    if (ranking.within().isEmpty()) {
      return select(columns)
          .from(Names.of(source))
          .where(ranked)
          .orderBy(ranking.top() ? by.desc() : by.asc())
          .limit(inline(ranking.count()))
          .withTies();
    }
    List<Field<?>> withPlace = new ArrayList<>(columns);
    withPlace.add(
        DSL.rank()
            .over(
                DSL.partitionBy(List.of(blocks.identity(ranking.within().get())))
                    .orderBy(ranking.top() ? by.desc() : by.asc()))
            .as(Names.of(PLACE)));
    String places = ctes.add("places", select(withPlace).from(Names.of(source)).where(ranked));
    return select(columns)
        .from(Names.of(places))
        .where(DSL.field(Names.of(PLACE), Integer.class).le(inline(ranking.count())));
  }

  /** The column of {@link #computed} by which rows of the grouping are told apart. */
  String identityName(Grouping grouping) {
    return blocks.identityName(grouping);
  }
}
