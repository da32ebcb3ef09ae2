package org.ropebridge.sql;

import static org.jooq.impl.DSL.select;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
                    f instanceof Filter.Recurring
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
    List<String> others = otherNames(grouping);
    List<Field<?>> keys = new ArrayList<>();
    others.forEach(n -> keys.add(DSL.field(Names.of(n))));
    Table<?> every =
        others.isEmpty()
            ? spans
            : spans.crossJoin(
                DSL.selectDistinct(keys).from(Names.of(source)).asTable().as(Names.of("parts")));
    keys.add(DSL.field(Names.of(time)));
    Select<Record> without = select(keys).from(every).except(select(keys).from(Names.of(source)));
    List<SelectFieldOrAsterisk> there = new ArrayList<>(keys);
    List<SelectFieldOrAsterisk> empty = new ArrayList<>(keys);
    for (Measure measure : measures) {
      there.add(headings.field(measure));
      empty.add(
          blocks.ofNothing(measure).<Field<?>>map(DSL::inline).orElseGet(() -> DSL.field("null")));
    }
    if (blocks.haveSizes()) {
      there.add(DSL.field(Names.of(Blocks.BEHIND)));
      empty.add(DSL.field("null"));
    }
    return select(there)
        .from(Names.of(source))
        .unionAll(select(empty).from(without.asTable().as(Names.of("empty spans"))));
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
        .<Field<?>>map(d -> span(grouping, d))
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
    return last.get().isAfter(today)
        ? DSL.field("greatest({0}, {1})", Object.class, span(grouping, today), newest)
        : span(grouping, last.get());
  }

  /** The first day of the span that holds a day. */
  private Field<LocalDate> span(Grouping.ByTime grouping, LocalDate day) {
    return DSL.val(ground.periods().start(grouping.unit().period().orElseThrow(), day));
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
