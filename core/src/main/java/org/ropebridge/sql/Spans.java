package org.ropebridge.sql;

import static org.jooq.impl.DSL.select;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Select;
import org.jooq.SelectFieldOrAsterisk;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

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

  /** Whether empty spans of time are to be shown. */
  boolean areNeeded() {
    boolean gapsWanted =
        plan.filters().stream()
            .anyMatch(
                f ->
                    f instanceof Filter.OnWeekdays
                        || f instanceof Filter.InPeriod in && in.negated());
    return !gapsWanted && !ranksWhatThereIs() && Grouping.stretches(plan.groupings()).size() == 1;
  }

  /** Among the highest, only what there is counts; figures along time need every span. */
  private boolean ranksWhatThereIs() {
    boolean alongTime =
        plan.measures().stream()
            .anyMatch(m -> m instanceof Measure.Cumulative || m instanceof Measure.MovingAverage);
    return plan.ranking()
        .filter(r -> !alongTime && (r.top() || plan.groupings().size() > 1))
        .isPresent();
  }

  /** The rows of a stage, and one for each empty span. */
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
    List<SelectFieldOrAsterisk> there = new ArrayList<>();
    List<SelectFieldOrAsterisk> empty = new ArrayList<>();
    for (String n : others) {
      there.add(DSL.field(Names.of(n)));
      empty.add(DSL.field(Names.of("parts", n)));
    }
    there.add(DSL.field(Names.of(time)));
    empty.add(spanField);
    for (Measure measure : measures) {
      there.add(headings.field(measure));
      empty.add(
          blocks.ofNothing(measure).<Field<?>>map(DSL::inline).orElseGet(() -> DSL.field("null")));
    }
    Condition isThere = DSL.exists(DSL.selectOne().from(Names.of(source)).where(same));
    Select<Record> emptySpans = select(empty).from(from).where(isThere.not());
    return select(there).from(Names.of(source)).unionAll(emptySpans);
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
