package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** The parts that a measure is first computed for, before one number is made of them. */
final class PartsBlock implements Block {
  private final List<Measure> measures;
  private final String name;
  private final PlanSql parts;
  private final String source;

  PartsBlock(Measure.Plain over, Plan plan, Ground ground, Ctes ctes, Shift shift) {
    Grouping part;
    if (over instanceof Measure.OverParts one) {
      this.measures = List.of(one.of());
      part = one.part();
    } else {
      Measure.Correlation two = (Measure.Correlation) over;
      this.measures = List.of(two.first(), two.second());
      part = two.over();
    }
    List<Grouping> groupings = new ArrayList<>(plan.groupings());
    groupings.add(part);
    Plan inner =
        new Plan(
            measures,
            groupings,
            plan.filters(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    this.name = "parts " + ground.restatement().grouping(part);
    this.parts = new PlanSql(inner, ground, ctes, shift);
    this.source = ctes.add("by " + ground.restatement().grouping(part), parts.computed());
  }

  @Override
  public String name() {
    return name;
  }

  @Override
  public Field<?> group(Grouping grouping) {
    return parts.headings().field(grouping);
  }

  @Override
  public Field<?> key(Grouping.ByColumn grouping) {
    return DSL.field(Names.of(parts.headings().key(grouping)));
  }

  @Override
  public Field<?> aggregate(Leaf leaf) {
    Field<?> first = parts.headings().field(measures.get(0));
    if (leaf.measure() instanceof Measure.OverParts over) {
      return TableBlock.statistic(over.kind(), 0, first);
    }
    Field<?> second = parts.headings().field(measures.get(1));
    return DSL.field(
        "cast(corr({0}, {1}) as numeric)", Object.class, doubled(first), doubled(second));
  }

  private static Field<?> doubled(Field<?> number) {
    return DSL.field("cast({0} as double precision)", Object.class, number);
  }

  @Override
  public Condition where() {
    return DSL.noCondition();
  }

  @Override
  public Table<?> from() {
    return DSL.table(Names.of(source));
  }
}
