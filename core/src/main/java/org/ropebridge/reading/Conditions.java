package org.ropebridge.reading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Turns conditions that reach beyond a row into filters, kept groups, or what a plan is about. */
final class Conditions {
  private final Collected said;
  private final Scope scope;

  Conditions(Collected said, Scope scope) {
    this.said = said;
    this.scope = scope;
  }

  /** Whether a filter behind "huts with no callouts" is about the callouts. */
  static boolean isAbout(Filter filter, String table, String anchor, Scope scope) {
    if (filter instanceof Filter.InPeriod in) {
      return in.date().isPresent()
          ? in.date().get().table().equals(table) && !table.equals(anchor)
          : MeasureTables.date(table, Optional.empty(), scope.model())
              .filter(d -> !d.table().equals(anchor))
              .isPresent();
    } else if (filter instanceof Filter.Recurring) {
      return true;
    }
    return filter
        .narrowedTable()
        .map(c -> reaches(table, c, scope) && !c.equals(anchor) && !reaches(anchor, c, scope))
        .orElse(false);
  }

  private static boolean reaches(String table, String to, Scope scope) {
    return !scope.paths().shortest(table, to, Optional.empty()).isEmpty();
  }

  /** "customers with won deals in 2025": won then, and not opened. */
  private List<Filter> dated(Collected.Related related) {
    List<ColumnRef> dates =
        related.filters().stream().flatMap(f -> scope.dated().of(f).stream()).distinct().toList();
    return dates.size() == 1 && dates.get(0).table().equals(related.table())
        ? related.filters().stream()
            .map(f -> Times.isUndated(f) ? f.onDate(dates.get(0)) : f)
            .toList()
        : related.filters();
  }

  /** Puts the conditions where they belong; false when they belong nowhere. */
  boolean settle() {
    for (Collected.Related related : said.related) {
      boolean sameAsDifferentRows =
          !related.negated()
              && said.related.size() == 1
              && said.measures.equals(List.of(new Measure.RowCount(related.anchor())));
      if (sameAsDifferentRows) {
        said.penalty += scope.weights().countedApart();
      }
      said.addFilter(
          new Filter.Having(
              related.anchor(),
              related.table(),
              Optional.empty(),
              dated(related),
              related.negated()));
    }
    if (said.ofRanked.isPresent() && !found(said.ofRanked.get())) {
      return false;
    }
    boolean ofOthers =
        said.endRows.isPresent()
            && said.measures.isEmpty()
            && said.nouns.size() == 1
            && !said.nouns.get(0).equals(said.endRows.get().table());
    if (ofOthers) {
      // "callouts at the three newest huts": how many there are.
      said.measures.add(new Measure.RowCount(said.nouns.get(0)));
    }
    if (said.endRows.isPresent() && !said.measures.isEmpty() && !found(said.endRows.get())) {
      return false;
    }
    return said.told.isEmpty() || told(said.told.get());
  }

  /** "of the last 10 stays", beside a measure: only those rows count. */
  private boolean found(Contribution.EndRows end) {
    Optional<ColumnRef> name = scope.namingColumn(end.table());
    if (name.isEmpty() || !said.related.isEmpty()) {
      return false;
    }
    Plan rows =
        Plan.of(
            new org.ropebridge.plan.Listing(
                end.table(),
                List.of(name.get()),
                Optional.of(end.order()),
                Optional.of(end.count()),
                Optional.empty()),
            List.of());
    said.addFilter(new Filter.Among(name.get(), rows, false));
    said.endRows = Optional.empty();
    return true;
  }

  private boolean found(Contribution.OfRanked of) {
    Contribution.Ranked ranked = of.ranked();
    boolean part = ranked.percent().isPresent();
    boolean one = ranked.count() == 1 || part;
    boolean overTime = said.groupings.stream().anyMatch(Grouping.ByTime.class::isInstance);
    if (said.measures.isEmpty() && said.nouns.size() == 1) {
      // "tickets of the area with the most outages" are those tickets.
      said.measures.add(new Measure.RowCount(said.nouns.get(0)));
    }
    Optional<Measure> by =
        ranked.by().or(() -> of.negated() || part ? firstMeasure() : Optional.empty());
    boolean fits =
        by.isPresent()
            && !said.measures.isEmpty()
            && (of.negated() || part || !said.measures.contains(by.get()) && (one || overTime))
            && ranked.what().orElseThrow() instanceof Grouping.ByColumn;
    if (!fits) {
      return false;
    }
    Grouping.ByColumn what = (Grouping.ByColumn) ranked.what().get();
    List<Filter> times =
        of.negated() || part
            ? said.filters.stream().filter(Filter.InPeriod.class::isInstance).toList()
            : List.of();
    boolean top = GroupRanking.isTop(ranked.direction(), by.get(), scope);
    Plan groups = Plan.of(by.get(), List.of(what), times);
    Plan inner =
        ranked
            .percent()
            .map(p -> groups.withKeeps(List.of(keep(by.get(), top, p))))
            .orElseGet(
                () ->
                    groups.withRanking(
                        Optional.of(new Plan.Ranking(top, ranked.count(), by.get()))));
    said.addFilter(new Filter.Among(what.column(), inner, of.negated()));
    return true;
  }

  private Optional<Measure> firstMeasure() {
    return said.measures.stream()
        .findFirst()
        .map(m -> m instanceof Measure.Figure figure ? figure.of() : m);
  }

  private static Plan.Keep keep(Measure by, boolean top, BigDecimal percent) {
    return new Plan.Keep(by, new Plan.AmongFirst(top, percent));
  }

  /** "authors whose books were lent more than 120 times": it is the authors that are told so. */
  private boolean isOfSubject(String table) {
    return said.subjects.stream()
        .anyMatch(
            s ->
                s.what() instanceof Grouping.ByColumn by
                    && by.column().table().equals(table)
                    && by.column().role().isEmpty()
                    && !scope.model().namesItsTable(by.column()));
  }

  private boolean told(Collected.Told told) {
    Measure measure = told.keep().measure();
    Optional<String> table =
        told.table()
            .or(this::subject)
            .or(() -> said.nouns.stream().findFirst())
            .or(() -> told.table().isPresent() ? Optional.empty() : valuesOf(measure));
    Optional<ColumnRef> name = table.flatMap(scope::namingColumn);
    if (told.table().filter(this::isOfSubject).isPresent()) {
      said.subjects.forEach(s -> said.addGrouping(s.what()));
      said.subjects.clear();
      said.keeps.add(told.keep());
      told.filters().forEach(said::addFilter);
      return true;
    }
    boolean nothingMeasured = said.measures.isEmpty() && !said.counting && said.shares.isEmpty();
    boolean nameless =
        name.isEmpty()
            && (told.table().isPresent() || subject().isPresent() || !said.nouns.isEmpty());
    if (nameless && pointedAtSoOften(table.get(), told, nothingMeasured)) {
      return true;
    }
    boolean groupsOfPlan =
        !said.groupings.isEmpty() || said.ranked.flatMap(Contribution.Ranked::what).isPresent();
    boolean sameGroups =
        told.table().isEmpty()
            || name.map(Grouping.ByColumn::new).filter(said.groupings::contains).isPresent()
            || said.ranked
                .flatMap(Contribution.Ranked::what)
                .equals(name.map(Grouping.ByColumn::new));
    if (groupsOfPlan && sameGroups) {
      boolean alone =
          said.measures.isEmpty()
              && !said.counting
              && said.shares.isEmpty()
              && said.nouns.isEmpty()
              && said.moved.isEmpty()
              && said.ranked.isEmpty()
              && said.subjects.isEmpty();
      if (alone) {
        // "revenue above 50k by hut"
        said.addMeasure(measure);
      }
      said.keeps.add(told.keep());
      told.filters().forEach(said::addFilter);
      return true;
    }
    boolean ofAny =
        said.yesOrNo
            && told.table().isEmpty()
            && said.measures.isEmpty()
            && said.groupings.isEmpty()
            && table.isPresent()
            && said.nouns.contains(table.get())
            && !measure.equals(new Measure.RowCount(table.get()))
            && name.filter(c -> scope.holds(c, Column.Holds.CATEGORY)).isPresent();
    if (ofAny) {
      // "did any show make less than its budget": those that did.
      said.yesOrNo = false;
    }
    if (said.yesOrNo
        && said.groupings.isEmpty()
        && said.measures.isEmpty()
        && told.table().isEmpty()) {
      return claimed(told);
    }
    if (nothingMeasured && told.table().isEmpty() && said.subjects.size() == 1) {
      said.addMeasure(measure);
      said.addGrouping(said.subjects.get(0).what());
      said.keeps.add(told.keep());
      told.filters().forEach(said::addFilter);
      said.subjects.clear();
      return true;
    }
    if (name.isEmpty()) {
      return table.isPresent() && pointedAtSoOften(table.get(), told, nothingMeasured);
    }
    Grouping.ByColumn group = new Grouping.ByColumn(name.get());
    boolean otherNoun =
        told.table().isPresent()
            && said.countedNouns.stream().anyMatch(n -> !told.table().get().equals(n));
    boolean nothingElse =
        !otherNoun
            && said.measures.isEmpty()
            && !said.counting
            && said.shares.isEmpty()
            && said.rows.isEmpty();
    if (nothingElse) {
      said.addMeasure(measure);
      said.addGrouping(group);
      said.keeps.add(told.keep());
      told.filters().forEach(said::addFilter);
      return true;
    }
    if (said.measures.equals(List.of(measure)) && told.table().isEmpty()) {
      return false;
    }
    Plan inner = Plan.of(measure, List.of(group), told.filters()).withKeeps(List.of(told.keep()));
    said.addFilter(new Filter.Among(name.get(), inner, false));
    return true;
  }

  /** "plantings with more than 2 pickings": rows without a name, by how many point at them. */
  private boolean pointedAtSoOften(String table, Collected.Told told, boolean nothingMeasured) {
    if (!(told.keep().measure() instanceof Measure.RowCount rows)
        || !(told.keep().test() instanceof Plan.Against against)
        || rows.table().equals(table)
        || !reaches(rows.table(), table, scope)) {
      return false;
    }
    said.addFilter(
        new Filter.Having(
            table,
            rows.table(),
            Optional.empty(),
            told.filters(),
            Optional.of(against.bound()),
            false));
    if (nothingMeasured && said.rows.isEmpty() && !said.nouns.contains(table)) {
      said.nouns.add(table);
    }
    return true;
  }

  /** "students who booked twice": the table of the values that the rows of the measure point at. */
  private Optional<String> valuesOf(Measure measure) {
    List<String> tables =
        said.filters.stream()
            .filter(f -> f instanceof Filter.InValues in && !in.negated())
            .map(f -> ((Filter.InValues) f).column().table())
            .filter(
                t ->
                    MeasureTables.of(measure, scope.model()).stream()
                        .allMatch(
                            base ->
                                !base.equals(t)
                                    && scope.paths().shortest(base, t, Optional.empty()).size()
                                        == 1))
            .distinct()
            .toList();
    return tables.size() == 1 ? Optional.of(tables.get(0)) : Optional.empty();
  }

  private boolean claimed(Collected.Told told) {
    if (!(told.keep().test() instanceof Plan.Against against)) {
      return false;
    }
    said.addMeasure(told.keep().measure());
    told.filters().forEach(said::addFilter);
    said.claim = Optional.of(against.bound());
    return true;
  }

  /** The table that a count or "which ..." is about. */
  private Optional<String> subject() {
    List<String> tables = new ArrayList<>();
    said.subjects.forEach(
        s -> {
          if (s.what() instanceof Grouping.ByColumn by
              && scope.model().namesItsTable(by.column())) {
            tables.add(by.column().table());
          }
        });
    if (said.measures.size() == 1 && said.measures.get(0) instanceof Measure.RowCount count) {
      tables.add(count.table());
    }
    return tables.stream().findFirst();
  }
}
