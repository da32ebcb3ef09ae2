package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.List;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** Measures that look at other groups of the same answer, as window functions. */
final class Figures {
  private final Plan plan;
  private final Headings headings;
  private final Blocks blocks;

  Figures(Plan plan, Headings headings, Blocks blocks) {
    this.plan = plan;
    this.headings = headings;
    this.blocks = blocks;
  }

  boolean areNeeded() {
    return plan.measures().stream().anyMatch(m -> !Blocks.computes(m))
        || plan.keeps().stream()
            .anyMatch(k -> !Blocks.computes(k.measure()) || !(k.test() instanceof Plan.Against));
  }

  /** All columns of the stage: those carried on, and the figures. */
  List<Field<?>> fields(List<Field<?>> carried) {
    List<Field<?>> fields = new ArrayList<>(carried);
    List<Measure> done = new ArrayList<>();
    for (Measure measure : plan.measures()) {
      add(measure, done, fields);
    }
    for (Plan.Keep keep : plan.keeps()) {
      add(keep.measure(), done, fields);
    }
    return fields;
  }

  private void add(Measure measure, List<Measure> done, List<Field<?>> fields) {
    if (!Blocks.computes(measure) && !done.contains(measure)) {
      done.add(measure);
      fields.add(figure((Measure.Figure) measure).as(Names.of(headings.of(measure))));
    }
  }

  /**
   * What the groups that are kept meet.
   *
   * @param source the expression that holds all groups
   * @param named which of them count
   */
  Condition kept(String source, Condition named) {
    Condition kept = DSL.noCondition();
    for (Plan.Keep keep : plan.keeps()) {
      Field<?> value = headings.field(keep.measure());
      if (keep.test() instanceof Plan.Against against) {
        kept = kept.and(RowFilters.compare(value, against.bound()));
      } else if (keep.test() instanceof Plan.BesideAverage beside) {
        kept = kept.and(beside(value, beside.above(), "avg({0})", source, named));
      } else if (keep.test() instanceof Plan.AmongFirst among) {
        Field<Object> last =
            DSL.field(
                "percentile_disc({0}) within group (order by {1} {2})",
                Object.class,
                DSL.inline(among.percent().movePointLeft(2)),
                value,
                DSL.keyword(among.top() ? "desc" : "asc"));
        kept = kept.and(beside(value, among.top() ? ">=" : "<=", last, source, named));
      } else if (keep.test() instanceof Plan.LikeGroup like) {
        Condition one = isGroup(like.column(), like.value());
        Field<Object> rows = DSL.field("{0}", Object.class, value);
        kept = kept.and(beside(value, "in", rows, source, named.and(one)));
      } else {
        Plan.BesideGroup beside = (Plan.BesideGroup) keep.test();
        Condition one = isGroup(beside.column(), beside.value());
        kept = kept.and(beside(value, beside.above(), "max({0})", source, named.and(one)));
      }
    }
    return kept;
  }

  private Condition isGroup(ColumnRef column, String value) {
    Field<Object> group =
        DSL.field(Names.of(headings.of(new Grouping.ByColumn(column))), Object.class);
    return DSL.condition("{0} = {1}", group, DSL.val(value));
  }

  /** Whether a value is above, or below, what the others come to. */
  private static Condition beside(
      Field<?> value, boolean above, String all, String source, Condition which) {
    Field<Object> others = DSL.field(all, Object.class, value);
    return beside(value, above ? ">" : "<", others, source, which);
  }

  private static Condition beside(
      Field<?> value, String operator, Field<Object> others, String source, Condition which) {
    return DSL.condition(
        "{0} " + operator + " ({1})",
        value,
        DSL.select(others).from(Names.of(source)).where(which));
  }

  private Field<?> figure(Measure.Figure figure) {
    Field<?> value = headings.field(figure.of());
    if (figure instanceof Measure.Share share) {
      String over =
          share.within().isPresent()
              ? "cast({0} as numeric) / nullif(sum({0}) over (partition by {1}), 0)"
              : "cast({0} as numeric) / nullif(sum({0}) over (), 0)";
      return DSL.field(
          over, Object.class, value, share.within().<Field<?>>map(blocks::identity).orElse(value));
    } else if (figure instanceof Measure.Cumulative) {
      return inTime(DSL.field("sum({0}) over ({1})", Object.class, value, alongTime()));
    } else if (figure instanceof Measure.MovingAverage moving) {
      return inTime(
          DSL.field(
              "avg({0}) over ({1} rows between {2} preceding and current row)",
              Object.class, value, alongTime(), DSL.inline(moving.spans() - 1)));
    } else if (figure instanceof Measure.Rank) {
      return DSL.field(
          "case when {0} is not null then rank() over (order by {0} desc nulls last) end",
          Object.class, value);
    }
    Measure.Distance distance = (Measure.Distance) figure;
    String function =
        switch (distance.level()) {
          case AVERAGE -> "avg";
          case HIGHEST -> "max";
          case LOWEST -> "min";
        };
    return DSL.field("{0} - {1}({0}) over ()", Object.class, value, DSL.keyword(function));
  }

  /** What has no time, though its rows may, has no place along it. */
  private Field<?> inTime(Field<?> figure) {
    Grouping.ByTime time = Grouping.stretches(plan.groupings()).get(0);
    return DSL.field(
        "case when {0} is not null then {1} end", Object.class, headings.field(time), figure);
  }

  /** The window along time, apart for each of the other groupings. */
  private Field<?> alongTime() {
    Grouping time = Grouping.stretches(plan.groupings()).get(0);
    List<Field<?>> others = new ArrayList<>();
    plan.groupings().stream()
        .filter(g -> !g.equals(time))
        .forEach(g -> others.add(blocks.identity(g)));
    return others.isEmpty()
        ? DSL.field("order by {0}", Object.class, headings.field(time))
        : DSL.field(
            "partition by {0} order by {1}", Object.class, DSL.list(others), headings.field(time));
  }
}
