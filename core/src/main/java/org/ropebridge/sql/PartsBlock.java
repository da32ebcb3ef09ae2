package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/** The parts that a measure is first computed for, before one number is made of them. */
final class PartsBlock implements Block {
  private final List<Measure> measures;
  private final String name;
  private final PlanSql parts;
  private final String source;

  /** Tells the rows that belong to no part apart: those without a member are no member. */
  private final Optional<Field<?>> missing;

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
    this.missing =
        part instanceof Grouping.ByColumn by && mayBeMissing(by.column(), ground)
            ? Optional.of(
                ground.model().isKnownBy(by.column()) ? key(by) : parts.headings().field(by))
            : Optional.empty();
    this.source = ctes.add("by " + ground.restatement().grouping(part), parts.computed());
  }

  /** Whether rows may have none: always, but where each of them points at a row that has a name. */
  private boolean mayBeMissing(ColumnRef column, Ground ground) {
    return !ground.model().isKnownBy(column)
        || measures.stream()
            .flatMap(m -> MeasureTables.of(m, ground.model()).stream())
            .flatMap(t -> ground.paths().shortest(t, column.table(), column.role()).stream())
            .flatMap(way -> way.steps().stream())
            .anyMatch(step -> step.link().mayBeMissing());
  }

  private Field<?> ofPart(Measure measure) {
    Field<?> number = parts.headings().field(measure);
    return missing.<Field<?>>map(part -> DSL.when(part.isNotNull(), number)).orElse(number);
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
    Field<?> first = ofPart(measures.get(0));
    if (leaf.measure() instanceof Measure.OverParts over) {
      return TableBlock.statistic(over.kind(), 0, first);
    }
    Field<?> second = ofPart(measures.get(1));
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
