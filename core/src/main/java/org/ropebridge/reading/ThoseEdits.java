package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Asks about what the answer before shows: "how many of them stayed", "which of these ...". */
final class ThoseEdits {
  private final Plan plan;
  private final Scope scope;
  private final WholeEdits wholes;

  ThoseEdits(Plan before, Scope scope) {
    this.plan = before;
    this.scope = scope;
    this.wholes = new WholeEdits(scope);
  }

  /** "how many of them stayed": things that were listed or ranked, by what points at them. */
  Optional<Assembly.Result> counted(Said said) {
    String with = said.edits(Contribution.CountOfThose.class).get(0).with();
    boolean allListed = plan.listing().filter(l -> l.count().isEmpty()).isPresent();
    Optional<Filter.Among> shown = wholes.shown(plan, Optional.empty());
    Optional<String> things =
        plan.listing()
            .map(Listing::table)
            .or(
                () ->
                    shown
                        .map(Filter.Among::column)
                        .filter(scope.model()::namesItsTable)
                        .map(ColumnRef::table))
            .filter(t -> scope.pointsAt(with, t));
    if (said.edits().size() > 1) {
      return Optional.empty();
    } else if (things.isEmpty()) {
      return ofCounted(with)
          .flatMap(p -> Assembly.onTopOf(new Assembly.Before(p, true), said.rest(), scope));
    }
    List<Filter> filters =
        allListed ? plan.filters() : shown.<List<Filter>>map(List::of).orElse(List.of());
    Measure number = new Measure.DistinctRows(things.get(), with, Optional.empty());
    Plan counted = Plan.of(number, List.of(), filters);
    return said.rest().edges().isEmpty()
        ? Optional.of(new Assembly.Result(counted, List.of(), 0)).filter(r -> !counted.equals(plan))
        : Assembly.onTopOf(new Assembly.Before(counted, true), said.rest(), scope);
  }

  /** "how many of them stayed", of members by region: of the rows that are counted. */
  private Optional<Plan> ofCounted(String with) {
    boolean counts = ListEdits.counts(plan) && plan.ranking().isEmpty() && plan.keeps().isEmpty();
    return Optional.of(plan)
        .filter(p -> counts)
        .map(p -> ((Measure.RowCount) p.measures().get(0)).table())
        .filter(t -> scope.pointsAt(with, t))
        .map(t -> plan.withMeasures(List.of(new Measure.DistinctRows(t, with, Optional.empty()))));
  }

  /** "of those huts", "which of these": only what the answer before shows. */
  Optional<Assembly.Result> among(
      Said said, BiFunction<Plan, Said, Optional<Assembly.Result>> onTop) {
    boolean others = said.edits().stream().anyMatch(e -> !isPointing(e));
    Contribution.Those those = said.edits(Contribution.Those.class).get(0);
    Optional<String> table = those.table();
    Optional<Filter.Among> shown = wholes.shown(plan, table);
    if (others) {
      return Optional.empty();
    }
    boolean named =
        plan.groupings().stream()
            .anyMatch(
                g -> g instanceof Grouping.ByColumn by && scope.model().namesItsTable(by.column()));
    boolean sameRows =
        (!named || limitsCounted(said))
            && plan.ranking().isEmpty()
            && plan.keeps().isEmpty()
            && plan.listing().isEmpty()
            && plan.measures().stream()
                .anyMatch(
                    m ->
                        m instanceof Measure.RowCount count
                            && count.table().equals(table.orElse(count.table())));
    boolean allListed =
        plan.listing()
            .filter(l -> l.count().isEmpty() && l.table().equals(table.orElse(l.table())))
            .isPresent();
    if (!said.measures() && (sameRows || allListed)) {
      return said.rest().edges().isEmpty() ? Optional.empty() : onTop.apply(plan, said);
    } else if (allListed && said.isOnly(Contribution.Counting.class)) {
      return onTop.apply(plan, said);
    } else if (sameRows) {
      Plan rows = Plan.of(plan.measures().get(0), List.of(), plan.filters());
      return Assembly.onTopOf(
          new Assembly.Before(rows, false), counting(said, plan.measures().get(0)), scope);
    } else if (isOfCounted(said)) {
      return onTop.apply(plan, said);
    } else if (shown.isEmpty()) {
      return Optional.empty();
    }
    List<Filter> filters = new ArrayList<>(List.of(shown.get()));
    if (!said.measures()) {
      Plan narrowed =
          plan.withRanking(Optional.empty())
              .withKeeps(List.of())
              .withFilters(
                  plan.ranking().isEmpty() && plan.keeps().isEmpty()
                      ? plan.filters()
                      : PlanParts.with(plan.filters(), shown.get()));
      return said.rest().edges().isEmpty() ? Optional.empty() : onTop.apply(narrowed, said);
    }
    boolean timeSaid = said.filters().stream().anyMatch(Filter.InPeriod.class::isInstance);
    if (!timeSaid) {
      plan.filters().stream().filter(Filter.InPeriod.class::isInstance).forEach(filters::add);
    }
    Measure number = new Measure.RowCount(shown.get().column().table());
    List<Grouping> groups =
        those.each() ? List.of(new Grouping.ByColumn(shown.get().column())) : List.of();
    Plan rows = Plan.of(number, groups, filters);
    Sequence wanted = ranking(counting(said, number), shown.get());
    return Assembly.onTopOf(new Assembly.Before(rows, false), wanted, scope);
  }

  /** "how many of these were cancelled", of stays by hut: of the stays. */
  private boolean limitsCounted(Said said) {
    return !said.filters().isEmpty()
        && ListEdits.counts(plan)
        && said.filters().stream()
            .allMatch(
                f ->
                    f.narrowedTable()
                        .equals(Optional.of(((Measure.RowCount) plan.measures().get(0)).table())));
  }

  /** What is said, where "which of these had the most" ranks just those. */
  private static Sequence ranking(Sequence said, Filter.Among those) {
    return said.replacing(
        c ->
            Optional.of(
                c instanceof Contribution.Extreme extreme ? extreme.of(those.column()) : c));
  }

  /** What is said, where "how many of them" counts just those. */
  private static Sequence counting(Said said, Measure number) {
    return said.rest()
        .replacing(
            c ->
                Optional.of(
                    c instanceof Contribution.Counting
                        ? new Contribution.Measures(List.of(number))
                        : c));
  }

  /** "their value", of rows that are counted for each group: it takes the place of the count. */
  private boolean isOfCounted(Said said) {
    return ListEdits.counts(plan)
        && plan.ranking().isEmpty()
        && plan.keeps().isEmpty()
        && said.rest().edges().size() == 1
        && said.rest().edges().get(0).part() instanceof Contribution.Measures measures
        && measures.measures().stream()
            .allMatch(
                m ->
                    MeasureTables.of(m, scope.model())
                        .equals(MeasureTables.of(plan, scope.model())));
  }

  private static boolean isPointing(Contribution.Edit edit) {
    return edit instanceof Contribution.Those
        || edit instanceof Contribution.Only
        || edit instanceof Contribution.Swapping
        || edit instanceof Contribution.Adding;
  }
}
