package org.ropebridge.sql;

import static org.jooq.impl.DSL.select;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Select;
import org.jooq.SelectFieldOrAsterisk;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/** A row for every span of time, empty ones too. */
final class Spans {
  private final Plan plan;
  private final Ground ground;
  private final Headings headings;
  private final Blocks blocks;

  Spans(Plan plan, Ground ground, Headings headings, Blocks blocks) {
    this.plan = plan;
    this.ground = ground;
    this.headings = headings;
    this.blocks = blocks;
  }

  /** The unit of time whose empty spans are to be shown, when the plan has one. */
  Optional<TimeUnit> unit() {
    boolean gapsWanted =
        plan.filters().stream()
            .anyMatch(
                f ->
                    f instanceof Filter.OnWeekdays
                        || f instanceof Filter.InPeriod in && in.negated());
    List<Grouping.ByTime> stretches = Grouping.stretches(plan.groupings());
    return gapsWanted || stretches.size() != 1 || plan.ranking().isPresent()
        ? Optional.empty()
        : Optional.of(stretches.get(0).unit());
  }

  /** The rows of a stage, and those of empty spans. */
  Select<?> filled(String source, List<Measure> measures) {
    Grouping.ByTime grouping = Grouping.stretches(plan.groupings()).get(0);
    String time = headings.of(grouping);
    Table<?> spans =
        ground
            .dialect()
            .series(grouping.unit(), first(source, grouping), last(source, grouping), time)
            .as(Names.of("spans"));
    Field<?> spanField = DSL.field(Names.of("spans", time));
    Condition same = DSL.condition("{0} = {1}", DSL.field(Names.of(source, time)), spanField);
    List<String> others = otherNames(grouping);
    Table<?> from = spans;
    if (!others.isEmpty()) {
      List<Field<?>> keys = new ArrayList<>();
      others.forEach(n -> keys.add(DSL.field(Names.of(n))));
      from =
          from.crossJoin(
              DSL.selectDistinct(keys).from(Names.of(source)).asTable().as(Names.of("parts")));
      for (String n : others) {
        same =
            same.and(
                DSL.condition(
                    "{0} is not distinct from {1}",
                    DSL.field(Names.of(source, n)), DSL.field(Names.of("parts", n))));
      }
    }
    List<SelectFieldOrAsterisk> fields = new ArrayList<>();
    others.forEach(n -> fields.add(DSL.field(Names.of("parts", n)).as(Names.of(n))));
    fields.add(spanField.as(Names.of(time)));
    for (Measure measure : measures) {
      String name = headings.of(measure);
      Field<?> value = DSL.field(Names.of(source, name));
      fields.add((blocks.counts(measure) ? Blocks.zeroIfNone(value) : value).as(Names.of(name)));
    }
    return select(fields).from(from.leftJoin(DSL.table(Names.of(source))).on(same));
  }

  private List<String> otherNames(Grouping.ByTime time) {
    List<String> names = new ArrayList<>();
    for (Grouping grouping : plan.groupings()) {
      if (!grouping.equals(time)) {
        if (blocks.hasKey(grouping)) {
          names.add(headings.key(grouping));
        }
        names.add(headings.of(grouping));
      }
    }
    return names;
  }

  private Field<?> first(String source, Grouping.ByTime grouping) {
    return range(grouping)
        .flatMap(DayRange::first)
        .<Field<?>>map(
            d -> ground.dialect().bucket(grouping.unit(), DSL.val(d), ground.model().calendar()))
        .orElseGet(
            () -> DSL.field(select(DSL.min(headings.field(grouping))).from(Names.of(source))));
  }

  /** The last span of the period, but of a period that is not over the last that has come. */
  private Field<?> last(String source, Grouping.ByTime grouping) {
    Field<?> newest = DSL.field(select(DSL.max(headings.field(grouping))).from(Names.of(source)));
    Optional<LocalDate> last = range(grouping).flatMap(DayRange::last);
    if (last.isEmpty()) {
      return newest;
    }
    LocalDate today = ground.periods().today();
    boolean over = !last.get().isAfter(today);
    Field<?> span =
        ground
            .dialect()
            .bucket(grouping.unit(), DSL.val(over ? last.get() : today), ground.model().calendar());
    return over ? span : DSL.field("greatest({0}, {1})", Object.class, span, newest);
  }

  /** The days that the plan's one period on the grouped date covers. */
  private Optional<DayRange> range(Grouping.ByTime grouping) {
    List<Filter.InPeriod> periods =
        plan.filters().stream()
            .filter(f -> f instanceof Filter.InPeriod in && in.date().equals(grouping.date()))
            .map(f -> (Filter.InPeriod) f)
            .toList();
    return periods.size() == 1
        ? Optional.of(ground.periods().resolve(periods.get(0).period()))
        : Optional.empty();
  }
}
