package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.LinkPaths.Way;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.ColumnMapping;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Naming;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Operands;
import org.ropebridge.reading.rule.Phrase;
import org.ropebridge.reading.rule.Scope;

/** Puts the contributions of one sequence together into a plan. */
final class Assembly {
  private final Model model;
  private final LinkPaths paths;
  private final Scope scope;
  private final Collected said = new Collected();

  /** What was said in the question before, which this one leans on. */
  private final Optional<Before> before;

  private boolean afterMeasure;

  /** The noun right before, which may be counted beside what follows. */
  private Optional<String> nounBefore = Optional.empty();

  private Assembly(Scope scope, Optional<Before> before) {
    this.scope = scope;
    this.before = before;
    this.model = scope.model();
    this.paths = scope.paths();
  }

  /**
   * What the contributions come to.
   *
   * @param penalty how much less likely the plan is than its words by themselves
   */
  record Result(Plan plan, List<Assumption> assumptions, double penalty) {
    Result with(Plan other) {
      return new Result(other, assumptions, penalty);
    }

    Result weaker(double more) {
      return new Result(plan, assumptions, penalty + more);
    }

    /** The same, with one thing more that was assumed. */
    Result assuming(Assumption more) {
      List<Assumption> all = new ArrayList<>(assumptions);
      all.add(more);
      return new Result(plan, all, penalty);
    }
  }

  /**
   * What is left of the question before.
   *
   * @param computes whether its numbers, or its rows, are still wanted
   */
  record Before(Plan plan, boolean computes) {}

  /** The plan; empty when the contributions cannot stand side by side. */
  static Optional<Result> of(Sequence sequence, Scope scope) {
    return new Assembly(scope, Optional.empty()).of(sequence);
  }

  /** The plan, as if all that another says had been said as well. */
  static Optional<Result> onTopOf(Before before, Sequence sequence, Scope scope) {
    return new Assembly(scope, Optional.of(before)).of(sequence);
  }

  private Optional<Result> of(Sequence sequence) {
    for (int i = 0; i < sequence.edges().size(); i++) {
      Edge edge = sequence.edges().get(i);
      if (!take((Contribution) edge.part(), sequence.joined().get(i))) {
        return Optional.empty();
      }
    }
    before.ifPresent(said::addBefore);
    return finish();
  }

  private boolean take(Contribution contribution, boolean joined) {
    boolean counts = contribution instanceof Contribution.Measures && joined;
    if (counts && nounBefore.isPresent() && said.measures.isEmpty()) {
      // "stays and revenue by channel": how many stays, as well.
      said.addMeasure(new Measure.RowCount(nounBefore.get()));
    }
    nounBefore =
        contribution instanceof Contribution.Noun noun
            ? Optional.of(noun.table())
            : Optional.empty();
    boolean taken = add(contribution, joined);
    boolean joinedNoun = contribution instanceof Contribution.Noun && joined && afterMeasure;
    afterMeasure = contribution instanceof Contribution.Measures || joinedNoun;
    return taken;
  }

  private boolean add(Contribution contribution, boolean joined) {
    if (contribution instanceof Contribution.Measures more) {
      measures(more.measures(), joined);
    } else if (contribution instanceof Contribution.Groupings more) {
      more.groupings().forEach(said::addGrouping);
    } else if (contribution instanceof Contribution.Narrowing narrowing) {
      boolean part =
          narrowing.bare()
              && !said.shares.isEmpty()
              && said.shares.get(said.shares.size() - 1).part().isEmpty();
      if (part) {
        said.predicates.add(narrowing.filter());
      } else {
        narrow(narrowing.filter());
      }
      if (narrowing.anyYear()) {
        said.anyYear.add(narrowing.filter());
      }
    } else if (contribution instanceof Contribution.Together more) {
      return more.parts().stream().allMatch(p -> add(p, joined));
    } else if (contribution instanceof Contribution.Noun noun) {
      noun(noun.table(), joined);
    } else if (contribution instanceof Contribution.Ranked more) {
      return once(said.ranked.isEmpty(), () -> said.ranked = Optional.of(more));
    } else if (contribution instanceof Contribution.Counting) {
      said.counting = true;
    } else if (contribution instanceof Contribution.RankMeasure more) {
      said.rankMeasures.add(more.by());
    } else if (contribution instanceof Contribution.Subject more) {
      said.subjects.add(more);
    } else if (contribution instanceof Contribution.Extreme more) {
      said.extremes.add(more);
    } else if (contribution instanceof Contribution.Order more) {
      return once(said.order.isEmpty(), () -> said.order = Optional.of(more));
    } else if (contribution instanceof Contribution.Shown shown) {
      Optional<Plan.Picture> picture = Optional.of(shown.picture());
      return once(
          said.picture.isEmpty() || said.picture.equals(picture), () -> said.picture = picture);
    } else {
      return addFigure(contribution, joined);
    }
    return true;
  }

  private boolean addFigure(Contribution contribution, boolean joined) {
    if (contribution instanceof Contribution.ShareOf more) {
      said.shares.add(more);
      more.part().ifPresent(said.predicates::add);
      said.addMeasure(new Measure.Share(more.of(), Optional.empty()));
    } else if (contribution instanceof Contribution.Predicate more) {
      if (said.shares.isEmpty()) {
        narrow(more.filter());
      } else {
        said.predicates.add(more.filter());
      }
    } else if (contribution instanceof Contribution.Moved more) {
      said.moved.add(more);
    } else if (contribution instanceof Contribution.MovedBy more) {
      said.moved.add(new Contribution.Moved(more.move(), more.of()));
      said.addGrouping(more.by());
      said.assumptions.add(Assumption.rankedBy(more.of()));
    } else if (contribution instanceof Contribution.Versus more) {
      said.versusOf = more.of();
      return once(
          said.versus.isEmpty() && said.versusTime.isEmpty(),
          () -> said.versus = Optional.of(more.earlier()));
    } else if (contribution instanceof Contribution.VersusTime more) {
      return once(
          said.versus.isEmpty() && said.versusTime.isEmpty(),
          () -> said.versusTime = Optional.of(more));
    } else if (contribution instanceof Contribution.FromTo more) {
      return once(said.fromTo.isEmpty(), () -> said.fromTo = Optional.of(more));
    } else if (contribution instanceof Contribution.SpannedMeasure more) {
      measures(List.of(more.measure()), joined);
      boolean overTime = said.isOverTime();
      if (!overTime) {
        said.addGrouping(more.spans());
      }
    } else if (contribution instanceof Contribution.Ordered more) {
      said.addGrouping(more.what());
      measures(more.measures(), true);
    } else if (contribution instanceof Contribution.GroupsTold more) {
      said.groupsTold = true;
      said.addGrouping(more.what());
      measures(List.of(more.of()), true);
    } else if (contribution instanceof Contribution.Opposed more) {
      said.opposed = true;
      more.noun().ifPresent(n -> noun(n, joined));
      ColumnRef column = more.values().column();
      narrow(new Filter.InValues(column, more.values().stored(), false));
      said.addGrouping(new Grouping.ByColumn(column));
    } else if (contribution instanceof Contribution.BesideValues more) {
      more.of().ifPresent(m -> measures(List.of(m), joined));
      return once(said.beside.isEmpty(), () -> said.beside = Optional.of(more.values()));
    } else if (contribution instanceof Contribution.OpposedFilters more) {
      return once(said.opposedFilters.isEmpty(), () -> said.opposedFilters = Optional.of(more));
    } else if (contribution instanceof Contribution.Events more) {
      measures(List.of(new Measure.RowCount(more.table())), joined);
      return once(said.events.isEmpty(), () -> said.events = Optional.of(more));
    } else if (contribution instanceof Contribution.Drifted more) {
      return once(said.drifted.isEmpty(), () -> said.drifted = Optional.of(more));
    } else if (contribution instanceof Contribution.Comparative more) {
      return once(
          said.comparative.isEmpty(), () -> said.comparative = Optional.of(more.contrast()));
    } else if (contribution instanceof Contribution.ComparativeTo more) {
      said.comparative = Optional.of(more.contrast());
      return once(
          said.versus.isEmpty() && said.versusTime.isEmpty(),
          () -> said.versusTime = Optional.of(new Contribution.VersusTime(more.time(), false)));
    } else if (contribution instanceof Contribution.NewRows more) {
      said.needsTime = true;
      noun(more.table(), joined);
    } else if (contribution instanceof Contribution.DividedBy more) {
      return once(said.divisor.isEmpty(), () -> said.divisor = Optional.of(more.divisor()));
    } else if (contribution instanceof Contribution.InShares more) {
      said.inShares = true;
      if (more.within().isPresent()) {
        return once(said.within.isEmpty(), () -> said.within = more.within());
      }
    } else if (contribution instanceof Contribution.OverTime) {
      said.overTime = true;
    } else if (contribution instanceof Contribution.SideBySide) {
      said.sideBySide = true;
    } else if (contribution instanceof Contribution.YesOrNo) {
      said.yesOrNo = true;
    } else if (contribution instanceof Contribution.Claimed more) {
      said.addMeasure(more.measure());
      said.claim = Optional.of(more.bound());
    } else {
      return addCondition(contribution, joined);
    }
    return true;
  }

  private boolean addCondition(Contribution contribution, boolean joined) {
    if (contribution instanceof Contribution.Related more) {
      relate(more);
    } else if (contribution instanceof Contribution.RelatedApart more) {
      Optional<String> anchor = anchorOf(more.table());
      anchor.ifPresent(
          a ->
              relate(
                  new Contribution.Related(
                      a,
                      scope.pointing(more.table(), a).orElse(more.table()),
                      more.filters(),
                      more.negated())));
      return anchor.isPresent();
    } else if (contribution instanceof Contribution.RelatedBoth more) {
      relate(more.first());
      relate(more.second());
      said.bothRelated = true;
    } else if (contribution instanceof Contribution.Keeping more) {
      if (more.ofPlan()) {
        said.keeps.add(more.keep());
        return true;
      }
      return tell(new Collected.Told(Optional.empty(), more.keep(), new ArrayList<>()));
    } else if (contribution instanceof Contribution.Grouped more) {
      return tell(new Collected.Told(Optional.of(more.table()), more.keep(), new ArrayList<>()));
    } else if (contribution instanceof Contribution.OfRanked more) {
      return once(said.ofRanked.isEmpty(), () -> said.ofRanked = Optional.of(more.ranked()));
    } else if (contribution instanceof Contribution.NounWith more) {
      noun(more.table(), joined);
      narrow(more.filter());
    } else if (contribution instanceof Contribution.BothOf more) {
      return both(more);
    } else if (contribution instanceof Contribution.MeasureWith more) {
      measures(List.of(more.measure()), joined);
      narrow(more.filter());
    } else if (contribution instanceof Contribution.NounVia) {
      return false;
    } else {
      return addRows(contribution);
    }
    return true;
  }

  /** What the question is about so far, where rows of the table point at it. */
  private Optional<String> anchorOf(String table) {
    List<String> candidates = new ArrayList<>();
    said.subjects.forEach(
        s -> {
          if (s.what() instanceof Grouping.ByColumn by && model.namesItsTable(by.column())) {
            candidates.add(by.column().table());
          }
        });
    candidates.addAll(said.nouns);
    said.measures.stream()
        .filter(Measure.RowCount.class::isInstance)
        .forEach(m -> candidates.add(((Measure.RowCount) m).table()));
    before.ifPresent(b -> candidates.addAll(shownBy(b.plan())));
    return candidates.stream()
        .filter(a -> scope.pointing(table, a).filter(p -> isOneWay(p, a)).isPresent())
        .findFirst();
  }

  private boolean isOneWay(String from, String to) {
    return paths.shortest(from, to, Optional.empty()).size() == 1;
  }

  /** The tables whose rows a plan names or counts. */
  private List<String> shownBy(Plan plan) {
    List<String> tables = new ArrayList<>();
    plan.listing().ifPresent(l -> tables.add(l.table()));
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByColumn by && model.namesItsTable(by.column())) {
        tables.add(by.column().table());
      }
    }
    for (Measure measure : plan.measures()) {
      if (measure instanceof Measure.RowCount count) {
        tables.add(count.table());
      }
    }
    return tables;
  }

  private boolean addRows(Contribution contribution) {
    if (contribution instanceof Contribution.Showing) {
      said.showing = true;
    } else if (contribution instanceof Contribution.Rows more) {
      more.filters().forEach(this::narrow);
      return once(said.rows.isEmpty(), () -> said.rows = Optional.of(more));
    } else if (contribution instanceof Contribution.Columns more) {
      return once(said.columns.isEmpty(), () -> said.columns = Optional.of(more));
    } else if (contribution instanceof Contribution.FirstRows more) {
      return once(said.firstRows.isEmpty(), () -> said.firstRows = Optional.of(more));
    } else if (contribution instanceof Contribution.EndRowsWith more) {
      narrow(more.filter());
      return once(said.endRows.isEmpty(), () -> said.endRows = Optional.of(more.rows()));
    } else if (contribution instanceof Contribution.EndRows more) {
      return once(said.endRows.isEmpty(), () -> said.endRows = Optional.of(more));
    } else if (contribution instanceof Contribution.Within more) {
      return once(said.within.isEmpty(), () -> said.within = Optional.of(more.grouping()));
    }
    return true;
  }

  private static boolean once(boolean free, Runnable take) {
    if (free) {
      take.run();
    }
    return free;
  }

  private void measures(List<Measure> more, boolean joined) {
    boolean another =
        !said.measures.isEmpty() || said.ranked.flatMap(Contribution.Ranked::by).isPresent();
    if (another && !joined) {
      said.penalty += scope.weights().measuresNotJoined();
      said.unjoined = true;
    }
    more.forEach(said::addMeasure);
    said.segments.add(new Collected.Segment(more));
  }

  private void noun(String table, boolean joined) {
    said.nouns.add(table);
    if (afterMeasure && joined) {
      said.addMeasure(new Measure.RowCount(table));
      said.segments.add(new Collected.Segment(List.of(new Measure.RowCount(table))));
    } else if (said.countedNouns.isEmpty() && said.measures.isEmpty() || joined) {
      said.countedNouns.add(table);
      said.segments.add(new Collected.Segment(List.of(new Measure.RowCount(table))));
    }
  }

  /** "at both Ossel and Quill": rows point from the one, and rows point from the other. */
  private boolean both(Contribution.BothOf both) {
    if (said.related.isEmpty()) {
      return false;
    }
    Collected.Related last = said.related.get(said.related.size() - 1);
    boolean about =
        !last.negated() && Conditions.isAbout(both.first(), last.table(), last.anchor(), scope);
    if (about) {
      List<Filter> others = new ArrayList<>(last.filters());
      last.filters().add(both.first());
      others.add(both.second());
      said.related.add(new Collected.Related(last.anchor(), last.table(), others, false));
    }
    return about;
  }

  private void relate(Contribution.Related related) {
    said.nouns.add(related.anchor());
    said.related.add(
        new Collected.Related(
            related.anchor(),
            related.table(),
            new ArrayList<>(related.filters()),
            related.negated()));
  }

  private boolean tell(Collected.Told told) {
    if (said.told.isPresent()) {
      said.keeps.add(said.told.get().keep());
      said.told.get().filters().forEach(said::addFilter);
    }
    said.told = Optional.of(told);
    return true;
  }

  private void narrow(Filter filter) {
    if (!said.related.isEmpty() && aboutRelated(filter)) {
      return;
    }
    if (said.told.isPresent() && filter instanceof Filter.InPeriod) {
      said.told.get().filters().add(filter);
      return;
    }
    said.segments.get(said.segments.size() - 1).filters().add(filter);
  }

  /**
   * Takes a filter as one of the rows that point: "no callouts this year". Said of two kinds of
   * rows it holds for both; a second time asks for rows at both: "in 2024 and again in 2025".
   */
  private boolean aboutRelated(Filter filter) {
    Collected.Related last = said.related.get(said.related.size() - 1);
    if (!Conditions.isAbout(filter, last.table(), last.anchor(), scope)) {
      return false;
    }
    Optional<Filter> kept = last.negated() ? Optional.empty() : notBeside(filter, last.filters());
    if (kept.isPresent()) {
      List<Filter> others = new ArrayList<>(last.filters());
      others.removeIf(f -> isOfKind(f, kept.get()));
      others.add(kept.get());
      said.related.add(new Collected.Related(last.anchor(), last.table(), others, true));
      return true;
    }
    boolean secondTime =
        filter instanceof Filter.InPeriod
            && last.filters().stream().anyMatch(Filter.InPeriod.class::isInstance);
    if (secondTime) {
      said.penalty += scope.weights().secondTime();
      List<Filter> others = new ArrayList<>(last.filters());
      others.removeIf(Filter.InPeriod.class::isInstance);
      others.add(filter);
      said.related.add(new Collected.Related(last.anchor(), last.table(), others, last.negated()));
      return true;
    }
    last.filters().add(filter);
    if (said.bothRelated) {
      Collected.Related first = said.related.get(said.related.size() - 2);
      if (Conditions.isAbout(filter, first.table(), first.anchor(), scope)) {
        first.filters().add(filter);
      }
    }
    return true;
  }

  /** "in 2024 but not in 2025": what no row may be, where another of its kind asks for rows. */
  private static Optional<Filter> notBeside(Filter filter, List<Filter> others) {
    Optional<Filter> positive = Optional.empty();
    if (filter instanceof Filter.InPeriod in && in.negated()) {
      positive = Optional.of(new Filter.InPeriod(in.period(), in.date(), false));
    } else if (filter instanceof Filter.InValues in && in.negated()) {
      positive = Optional.of(new Filter.InValues(in.column(), in.values(), false));
    }
    return positive.filter(p -> others.stream().anyMatch(o -> isOfKind(o, p)));
  }

  private static boolean isOfKind(Filter filter, Filter other) {
    return filter instanceof Filter.InPeriod a
            && other instanceof Filter.InPeriod b
            && a.date().equals(b.date())
            && !a.negated()
        || filter instanceof Filter.InValues c
            && other instanceof Filter.InValues d
            && c.column().equals(d.column())
            && !c.negated();
  }

  private Optional<Result> finish() {
    settleFilters();
    said.events.ifPresent(this::byDateOf);
    if (said.beside.isPresent() && !setBeside(said.beside.get())) {
      return Optional.empty();
    }
    everyYear();
    if (said.groupsTold && said.ranked.isPresent()) {
      return Optional.empty();
    }
    boolean spans = said.isOverTime();
    if (said.overTime && !spans) {
      said.addGrouping(new Grouping.ByTime(TimeUnit.MONTH, Optional.empty()));
    }
    if (!joinParts() || !new Conditions(said, scope).settle()) {
      return Optional.empty();
    }
    Drifts drifts = new Drifts(said, scope);
    if (!drifts.prepare()) {
      return Optional.empty();
    }
    boolean comparing =
        said.versus.isPresent() || said.versusTime.isPresent() || said.fromTo.isPresent();
    boolean notCompared =
        said.versusTime.filter(Contribution.VersusTime::ifCompared).isPresent() && !said.sideBySide;
    if (notCompared) {
      return Optional.empty();
    }
    if (comparing
        && said.measures.isEmpty()
        && said.moved.isEmpty()
        && !inferMeasure()
        && !(said.comparative.isPresent() && preferMeasure())) {
      return Optional.empty();
    }
    if (comparing || !said.moved.isEmpty() || said.comparative.isPresent()) {
      ownDates();
    }
    boolean timed =
        said.filters.stream().anyMatch(Filter.InPeriod.class::isInstance)
            || said.groupings.stream().anyMatch(Grouping.ByTime.class::isInstance)
            || comparing;
    if (said.needsTime && !timed) {
      return Optional.empty();
    }
    if (said.comparative.isPresent() && !contrast(said.comparative.get())) {
      return Optional.empty();
    }
    if (said.divisor.isPresent() && !divide(said.divisor.get())) {
      return Optional.empty();
    }
    boolean runsOn =
        said.measures.stream().anyMatch(m -> m instanceof Measure.Cumulative) && !said.isOverTime();
    if (runsOn) {
      said.addGrouping(new Grouping.ByTime(TimeUnit.MONTH, Optional.empty()));
    }
    if (!new Comparisons(said, scope).settle() || !drifts.settle() || !rank()) {
      return Optional.empty();
    }
    boolean likeBefore =
        (said.comparative.isPresent() || said.drifted.isPresent())
            && said.measures.stream()
                .allMatch(
                    m ->
                        said.drifted.isPresent() && m instanceof Measure.Plain
                            || m instanceof Measure.Compared c
                                && !(c.earlier() instanceof Measure.Other));
    if (likeBefore) {
      // Whether there is more this year can only be said of the same days of both.
      said.filters.replaceAll(Filter::soFar);
    }
    if (said.opposedFilters.isPresent() && !oppose(said.opposedFilters.get())) {
      return Optional.empty();
    }
    if (said.inShares && !inShares()) {
      return Optional.empty();
    }
    Listings listings = new Listings(said, scope);
    Optional<String> listed = listings.table();
    if (listed.isPresent()) {
      return listings
          .plan(listed.get())
          .map(p -> new Result(withoutIdleRoles(p), said.assumptions, said.penalty));
    }
    if (said.extremes.isEmpty()) {
      said.subjects.forEach(subject -> said.addGrouping(subject.what()));
    }
    boolean rowsOnly =
        said.rows.isPresent()
            || said.columns.isPresent()
            || said.firstRows.isPresent()
            || said.endRows.isPresent();
    boolean opposes = said.opposedFilters.isPresent();
    if (rowsOnly || said.measures.isEmpty() && !opposes && !inferMeasure()) {
      return Optional.empty();
    }
    if (said.sideBySide) {
      putSideBySide();
    }
    if (!nounsFit()) {
      return Optional.empty();
    }
    return plan();
  }

  private Optional<Result> plan() {
    Optional<Plan.Ranking> ranking = Optional.empty();
    if (said.ranked.isPresent()) {
      Contribution.Ranked ranked = said.ranked.get();
      Measure by = ranked.by().orElseThrow();
      ranking =
          Optional.of(
              new Plan.Ranking(
                  isTop(ranked.direction(), by, model), ranked.count(), by, said.within));
    } else if (said.within.isPresent()) {
      return Optional.empty();
    }
    if (ranking.isPresent() && said.groupings.isEmpty()) {
      return Optional.empty();
    }
    Optional<Plan.Sort> sort = Optional.empty();
    if (said.order.isPresent()) {
      sort = sort(said.order.get());
      if (sort.isEmpty()) {
        return Optional.empty();
      }
    }
    Optional<Bound> claim = said.claim;
    boolean isDegree = said.measures.stream().anyMatch(Measure.Correlation.class::isInstance);
    if (claim.isEmpty() && said.yesOrNo && !isDegree) {
      claim = Optional.of(Bound.of(Filter.Comparison.MORE_THAN, 0));
    }
    boolean groups =
        !said.groupings.isEmpty()
            || !said.keeps.isEmpty()
            || ranking.isPresent()
            || sort.isPresent();
    if (claim.isPresent() && (groups || said.measures.size() != 1)) {
      return Optional.empty();
    }
    Plan plan =
        new Plan(
            said.measures,
            said.groupings,
            said.filters.stream().distinct().toList(),
            said.keeps,
            ranking,
            sort,
            Optional.empty(),
            claim,
            said.picture);
    if (said.unjoined && plan.measures().size() > 1) {
      said.assumptions.add(new Assumption.SideBySide(plan.measures()));
    }
    return Optional.of(new Result(withoutIdleRoles(plan), said.assumptions, said.penalty));
  }

  /**
   * Filters hold for everything, but where each measure has its own that the others cannot share:
   * "callouts in Ossel and stays in Quill".
   */
  private void settleFilters() {
    List<Collected.Segment> measured =
        said.segments.stream().filter(s -> !s.measures().isEmpty()).toList();
    boolean eachItsOwn =
        measured.size() > 1
            && !said.counting
            && said.shares.isEmpty()
            && said.moved.isEmpty()
            && measured.stream()
                .allMatch(
                    s ->
                        s.filters().size() > 0
                            && s.measures().stream().allMatch(Measure.Basic.class::isInstance))
            && exclude(measured.get(0).filters(), measured.get(1).filters());
    if (eachItsOwn) {
      said.measures.clear();
      for (Collected.Segment segment : measured) {
        for (Measure measure : segment.measures()) {
          said.addMeasure(new Measure.Narrowed((Measure.Basic) measure, segment.filters()));
        }
      }
      said.segments.get(0).filters().forEach(said::addFilter);
      said.countedNouns.clear();
      return;
    }
    said.segments.forEach(s -> s.filters().forEach(said::addFilter));
  }

  private static boolean exclude(List<Filter> some, List<Filter> others) {
    return some.stream()
        .anyMatch(
            f ->
                others.stream()
                    .anyMatch(
                        o ->
                            f instanceof Filter.InValues a
                                    && o instanceof Filter.InValues b
                                    && !a.equals(b)
                                || f instanceof Filter.InPeriod p
                                    && o instanceof Filter.InPeriod q
                                    && p.date().equals(q.date())
                                    && !p.equals(q)));
  }

  /** "in July by year": the July of every year, where no year was said. */
  private void everyYear() {
    boolean byYear =
        said.groupings.stream()
            .anyMatch(g -> g instanceof Grouping.ByTime time && time.unit() == TimeUnit.YEAR);
    boolean oneTime = said.filters.stream().filter(Filter.InPeriod.class::isInstance).count() == 1;
    if (byYear && oneTime) {
      said.filters.replaceAll(
          f ->
              said.anyYear.contains(f)
                  ? months((Filter.InPeriod) f).<Filter>map(m -> m).orElse(f)
                  : f);
    }
  }

  private Optional<Filter.Recurring> months(Filter.InPeriod in) {
    boolean ofMonths =
        in.period() instanceof Period.Span span
                && (span.unit() == Period.Unit.MONTH || span.unit() == Period.Unit.QUARTER)
            || in.period() instanceof Period.InSeason;
    if (!ofMonths) {
      return Optional.empty();
    }
    DayRange days = scope.periods().resolve(in.period());
    Set<Integer> months = new TreeSet<>();
    LocalDate end = days.end().orElseThrow();
    for (LocalDate d = days.first().orElseThrow(); d.isBefore(end); d = d.plusMonths(1)) {
      months.add(d.getMonthValue());
    }
    return Optional.of(
        new Filter.Recurring(TimeUnit.MONTH_OF_YEAR, months, in.date(), in.negated()));
  }

  /** Where times are compared, "registered this year" is a time of what is counted. */
  private void ownDates() {
    List<Measure> measures = new ArrayList<>(said.measures);
    said.moved.forEach(m -> measures.add(m.of()));
    List<Optional<ColumnRef>> dates =
        measures.stream()
            .flatMap(m -> MeasureTables.of(m, model).stream())
            .distinct()
            .map(t -> MeasureTables.date(t, Optional.empty(), model))
            .distinct()
            .toList();
    if (dates.size() == 1 && dates.get(0).isPresent()) {
      said.filters.replaceAll(
          f ->
              f instanceof Filter.InPeriod in && in.date().equals(dates.get(0))
                  ? new Filter.InPeriod(in.period(), Optional.empty(), in.negated())
                  : f);
    }
  }

  /** Times are those of the events that are counted. */
  private void byDateOf(Contribution.Events events) {
    Optional<ColumnRef> date = Optional.of(events.date());
    said.filters.replaceAll(f -> f.onDate(events.date()));
    said.groupings.replaceAll(
        g ->
            g instanceof Grouping.ByTime time && time.date().isEmpty()
                ? new Grouping.ByTime(time.unit(), date)
                : g);
  }

  /** "is there more than last year": whether the measure's change is above nothing. */
  private boolean contrast(Contrast contrast) {
    if (!said.yesOrNo || said.claim.isPresent() || !said.moved.isEmpty()) {
      return false;
    }
    if (said.measures.isEmpty() && !inferMeasure() && !preferMeasure()) {
      return false;
    }
    boolean timed =
        said.versus.isPresent()
            || said.versusTime.isPresent()
            || said.filters.stream().anyMatch(Filter.InPeriod.class::isInstance);
    boolean one =
        said.measures.size() == 1
            && said.measures.get(0) instanceof Measure.Plain
            && said.groupings.isEmpty();
    if (!one) {
      return false;
    }
    if (!timed) {
      said.versus = Optional.of(new Measure.UnitBefore(Period.Unit.YEAR));
      said.addFilter(
          new Filter.InPeriod(Period.Relative.current(Period.Unit.YEAR), Optional.empty(), false));
      said.assumptions.add(new Assumption.ComparedYears());
    }
    Measure.Plain of = (Measure.Plain) said.measures.remove(0);
    said.moved.add(new Contribution.Moved(Measure.Move.CHANGE, of));
    boolean up =
        switch (contrast) {
          case MORE -> true;
          case LESS -> false;
          case BETTER -> isTop(Contribution.Direction.BEST, of, model);
          case WORSE -> isTop(Contribution.Direction.WORST, of, model);
        };
    said.claim =
        Optional.of(Bound.of(up ? Filter.Comparison.MORE_THAN : Filter.Comparison.LESS_THAN, 0));
    return true;
  }

  /** "did Ossel take in more than Brannick": the one value is shown beside the other. */
  private boolean setBeside(Phrase.Values others) {
    List<Filter.InValues> same =
        said.filters.stream()
            .filter(f -> f instanceof Filter.InValues)
            .map(f -> (Filter.InValues) f)
            .filter(f -> f.column().equals(others.column()) && !f.negated())
            .toList();
    if (same.size() != 1 || !said.groupings.isEmpty()) {
      return false;
    }
    List<String> all = new ArrayList<>(same.get(0).values());
    all.addAll(others.stored());
    said.filters.replaceAll(
        f -> f.equals(same.get(0)) ? new Filter.InValues(others.column(), all, false) : f);
    said.addGrouping(new Grouping.ByColumn(others.column()));
    said.opposed = true;
    said.yesOrNo = false;
    said.comparative = Optional.empty();
    return true;
  }

  /** Every measure for the one part of the rows, and for the other. */
  private boolean oppose(Contribution.OpposedFilters opposed) {
    if (said.measures.isEmpty() && opposed.first() instanceof Filter.Meets meets) {
      said.measures.add(new Measure.RowCount(meets.table()));
      said.assumptions.add(Assumption.counted(meets.table()));
    }
    if (said.measures.isEmpty() && !inferMeasure()) {
      return false;
    }
    if (!said.measures.stream().allMatch(Measure.Basic.class::isInstance)) {
      return false;
    }
    List<Measure> all = List.copyOf(said.measures);
    said.measures.clear();
    for (Measure measure : all) {
      Measure.Basic basic = (Measure.Basic) measure;
      said.addMeasure(new Measure.Narrowed(basic, List.of(opposed.first())));
      said.addMeasure(new Measure.Narrowed(basic, List.of(opposed.second())));
    }
    return true;
  }

  private boolean divide(Measure.Plain divisor) {
    boolean one =
        said.measures.size() == 1
            && said.measures.get(0) instanceof Measure.Plain
            && !(said.measures.get(0) instanceof Measure.Arithmetic)
            && !(divisor instanceof Measure.Arithmetic)
            && !said.measures.get(0).equals(divisor);
    Optional<Measure.Plain> dividend =
        one ? Operands.summed((Measure.Plain) said.measures.get(0), scope) : Optional.empty();
    dividend.ifPresent(
        d -> said.measures.set(0, new Measure.Arithmetic(Measure.Operator.DIVIDED_BY, d, divisor)));
    return dividend.isPresent();
  }

  /** "as a percentage": measures that are split are told as parts of the whole. */
  private boolean inShares() {
    if (said.measures.isEmpty() && !inferMeasure()) {
      return false;
    }
    boolean split =
        !said.groupings.isEmpty()
            && said.ranked.isEmpty()
            && said.measures.stream().allMatch(Measure.Plain.class::isInstance);
    if (split) {
      Optional<Grouping> within = said.within;
      within.filter(w -> !said.groupings.contains(w)).ifPresent(w -> said.groupings.add(0, w));
      said.measures.replaceAll(m -> new Measure.Share((Measure.Plain) m, within));
      said.within = Optional.empty();
    }
    return split;
  }

  /** "compare ...": values and times that are named become groups. */
  private void putSideBySide() {
    for (Filter filter : List.copyOf(said.filters)) {
      if (filter instanceof Filter.InValues in && !in.negated() && in.values().size() > 1) {
        said.addGrouping(new Grouping.ByColumn(in.column()));
      } else if (filter instanceof Filter.InPeriod in
          && in.period() instanceof Period.Range range
          && range.first().isPresent()
          && range.last().isPresent()
          && said.groupings.stream().noneMatch(Grouping.ByTime.class::isInstance)) {
        LocalDate first = range.first().get();
        LocalDate end = range.last().get().plusDays(1);
        boolean years = first.getDayOfYear() == 1 && end.getDayOfYear() == 1;
        boolean months = first.getDayOfMonth() == 1 && end.getDayOfMonth() == 1;
        if (years || months) {
          said.addGrouping(
              new Grouping.ByTime(years ? TimeUnit.YEAR : TimeUnit.MONTH, Optional.empty()));
        }
      }
    }
  }

  /** "lowest occupancy by hut": the one of what it is broken down by. */
  private boolean rankedByBreakdown() {
    return said.subjects.isEmpty()
        && said.groupings.size() == 1
        && !(said.extremes.get(0).by() instanceof Measure.RowCount);
  }

  /**
   * Brings together what stood apart: "which hut in Ossel had the most callouts", "top ten huts in
   * Ossel by revenue", "how many cancelled stays".
   */
  private boolean joinParts() {
    if (said.extremes.size() > 1
        || said.subjects.size() > 1
        || said.extremes.size() > said.subjects.size() && !rankedByBreakdown()
        || said.rankMeasures.size() > 1) {
      return false;
    }
    if (!said.extremes.isEmpty()) {
      Contribution.Subject subject =
          said.subjects.isEmpty()
              ? new Contribution.Subject(said.groupings.get(0), false)
              : said.subjects.get(0);
      Contribution.Extreme extreme = said.extremes.get(0);
      if (said.ranked.isPresent()) {
        return false;
      }
      said.ranked =
          Optional.of(
              new Contribution.Ranked(
                  extreme.direction(),
                  subject.wanted(),
                  Optional.of(subject.what()),
                  Optional.of(extreme.by())));
    }
    boolean beside = said.opposed || said.sideBySide;
    if (!said.rankMeasures.isEmpty() && said.ranked.isEmpty() && beside) {
      boolean breakdown =
          !said.measures.isEmpty() && said.rankMeasures.get(0) instanceof Measure.RowCount;
      if (breakdown) {
        return false;
      }
      said.rankMeasures.forEach(said::addMeasure);
    } else if (!said.rankMeasures.isEmpty()) {
      if (said.ranked.isEmpty() || said.ranked.get().by().isPresent()) {
        return false;
      }
      said.ranked = Optional.of(said.ranked.get().by(said.rankMeasures.get(0)));
    }
    if (said.counting) {
      if (said.nouns.isEmpty() && !countWhatFiltersAreAbout()) {
        return false;
      }
      said.measures.remove(new Measure.RowCount(said.nouns.get(0)));
      said.measures.add(0, new Measure.RowCount(said.nouns.get(0)));
    }
    return true;
  }

  /** "how many adults", "how many good reviews": the rows that have such a value, or meet it. */
  private boolean countWhatFiltersAreAbout() {
    List<Filter> telling =
        said.filters.stream()
            .filter(
                f ->
                    f instanceof Filter.InValues in
                            && !in.negated()
                            && !model.namesItsTable(in.column())
                        || f instanceof Filter.Compare
                        || f instanceof Filter.Meets meets && !meets.negated())
            .toList();
    List<String> tables = telling.stream().map(Assembly::tableOf).distinct().toList();
    if (tables.size() != 1 || !said.measures.isEmpty()) {
      return false;
    }
    said.nouns.add(tables.get(0));
    said.assumptions.add(new Assumption.CountedFor(tables.get(0)));
    said.penalty += scope.weights().onlyValues();
    for (Filter filter : telling) {
      if (filter instanceof Filter.InValues in && in.values().size() > 1) {
        said.addGrouping(new Grouping.ByColumn(in.column()));
      }
    }
    return true;
  }

  private static String tableOf(Filter filter) {
    if (filter instanceof Filter.Meets meets) {
      return meets.table();
    }
    return filter instanceof Filter.Compare compare
        ? compare.column().table()
        : ((Filter.InValues) filter).column().table();
  }

  private boolean rank() {
    if (said.ranked.isEmpty()) {
      return true;
    }
    Contribution.Ranked ranking = said.ranked.get();
    if (ranking.what().isEmpty() && !said.nouns.isEmpty()) {
      said.penalty += scope.weights().nounNotRanked();
    }
    boolean within = ranking.what().isPresent() && said.within.isEmpty();
    if (within && said.groupings.size() == 1 && !said.groupings.contains(ranking.what().get())) {
      said.within = Optional.of(said.groupings.get(0));
    }
    said.within.ifPresent(said::addGrouping);
    ranking
        .what()
        .filter(g -> !said.groupings.contains(g))
        .ifPresent(g -> said.groupings.add(said.within.isPresent() ? said.groupings.size() : 0, g));
    if (ranking.by().isEmpty()) {
      Optional<Measure> by = Optional.empty();
      if (said.measures.size() == 1) {
        by = Optional.of(said.measures.get(0));
      } else if (said.measures.isEmpty() && countsNoun(ranking)) {
        by = Optional.of(new Measure.RowCount(said.nouns.get(0)));
      } else if (said.measures.isEmpty() && said.groupings.stream().noneMatch(this::isAmount)) {
        by = model.preferences().topBy().map(Measure.MetricValue::new);
        by.ifPresent(m -> said.assumptions.add(Assumption.rankedBy(m)));
      }
      if (by.isEmpty()) {
        return false;
      }
      ranking = ranking.by(by.get());
      said.ranked = Optional.of(ranking);
    }
    Measure by = ranking.by().orElseThrow();
    if (!said.measures.contains(by)) {
      said.measures.add(0, by);
    }
    return true;
  }

  /** "top 3 products by pieces sold": what adds up ranks, and splits nothing. */
  private boolean isAmount(Grouping grouping) {
    return grouping instanceof Grouping.ByColumn by && scope.addsUp(by.column());
  }

  /** "top cause of leaks": what is ranked is ranked by how many of the noun it has. */
  private boolean countsNoun(Contribution.Ranked ranking) {
    if (said.nouns.size() != 1) {
      return false;
    }
    String noun = said.nouns.get(0);
    return ranking.what().isEmpty()
        || !(ranking.what().get() instanceof Grouping.ByColumn by
            && by.column().table().equals(noun)
            && model.namesItsTable(by.column()));
  }

  static boolean isTop(Contribution.Direction direction, Measure by, Model model) {
    boolean lowerIsBetter =
        by instanceof Measure.MetricValue value
            && model.metric(value.metric()).better().equals(Optional.of(Metric.Better.LOWER));
    return switch (direction) {
      case TOP -> true;
      case BOTTOM -> false;
      case BEST -> !lowerIsBetter;
      case WORST -> lowerIsBetter;
    };
  }

  /** "are we busier than last year": the measure that the author prefers. */
  private boolean preferMeasure() {
    Optional<Measure> by = model.preferences().topBy().map(Measure.MetricValue::new);
    by.ifPresent(
        m -> {
          said.measures.add(m);
          said.assumptions.add(Assumption.rankedBy(m));
        });
    return by.isPresent();
  }

  /** Without a measure, nouns are counted, and so are the rows of a named condition. */
  private boolean inferMeasure() {
    if (!said.countedNouns.isEmpty()) {
      said.countedNouns.stream().distinct().map(Measure.RowCount::new).forEach(said.measures::add);
      said.measures.forEach(
          m -> said.assumptions.add(Assumption.counted(((Measure.RowCount) m).table())));
      return true;
    }
    List<String> tables =
        said.filters.stream()
            .filter(Filter.Meets.class::isInstance)
            .map(f -> ((Filter.Meets) f).table())
            .distinct()
            .toList();
    Optional<String> preferred = model.preferences().topBy();
    if (said.opposed && said.nouns.isEmpty() && preferred.isPresent()) {
      Measure by = new Measure.MetricValue(preferred.get());
      said.measures.add(by);
      said.assumptions.add(Assumption.rankedBy(by));
      return true;
    }
    if (tables.size() == 1 && said.nouns.isEmpty()) {
      said.measures.add(new Measure.RowCount(tables.get(0)));
      said.assumptions.add(Assumption.counted(tables.get(0)));
      return true;
    }
    boolean split =
        (!said.groupings.isEmpty()
                || said.filters.stream().anyMatch(Filter.Compare.class::isInstance))
            && said.ranked.isEmpty();
    if (split && said.nouns.isEmpty() && countWhatFiltersAreAbout()) {
      said.measures.add(new Measure.RowCount(said.nouns.get(0)));
      return true;
    }
    return false;
  }

  /** A noun beside a measure must be what the measure is about, and must not narrow it. */
  private boolean nounsFit() {
    for (String noun : said.nouns) {
      boolean counted =
          said.measures.stream()
              .flatMap(m -> MeasureTables.basics(m).stream())
              .anyMatch(new Measure.RowCount(noun)::equals);
      boolean fits = true;
      for (Measure measure : said.measures) {
        for (String base : MeasureTables.of(measure, model)) {
          List<Way> ways = paths.shortest(base, noun, Optional.empty());
          boolean always =
              ways.size() == 1 && isNarrowedBy(noun)
                  || ways.size() == 1
                      && ways.get(0).steps().stream().noneMatch(s -> s.link().mayBeMissing());
          fits &= always;
        }
      }
      if (!counted && !fits && !keepToRowsWith(noun)) {
        return false;
      }
    }
    return true;
  }

  /** "revenue from members": rows that have none of the noun's do not count. */
  private boolean keepToRowsWith(String noun) {
    Optional<ColumnRef> name = scope.namingColumn(noun);
    boolean reached =
        said.measures.stream()
            .flatMap(m -> MeasureTables.of(m, model).stream())
            .allMatch(base -> paths.shortest(base, noun, Optional.empty()).size() == 1);
    if (name.isEmpty() || !reached) {
      return false;
    }
    said.addFilter(new Filter.Missing(name.get(), true));
    return true;
  }

  /** Whether a filter already keeps to rows that have a row of the table. */
  private boolean isNarrowedBy(String table) {
    return said.filters.stream()
        .anyMatch(
            f ->
                f instanceof Filter.InValues in
                        && in.column().table().equals(table)
                        && !in.negated()
                    || f instanceof Filter.Compare c && c.column().table().equals(table)
                    || f instanceof Filter.Having h && h.anchor().equals(table)
                    || f instanceof Filter.Among a && a.column().table().equals(table)
                    || f instanceof Filter.Meets m && m.table().equals(table) && !m.negated());
  }

  private Optional<Plan.Sort> sort(Contribution.Order wanted) {
    if (wanted.byName()) {
      return said.groupings.isEmpty()
          ? Optional.empty()
          : Optional.of(new Plan.Sort(said.groupings.get(0), wanted.descending().orElse(false)));
    }
    Plan.SortKey key = wanted.by().orElse(said.measures.get(0));
    boolean known =
        key instanceof Measure m
            ? said.measures.contains(m)
            : said.groupings.contains((Grouping) key);
    boolean judged =
        wanted.first().isPresent()
            && !(key instanceof Measure.MetricValue value
                && model.metric(value.metric()).better().isPresent());
    return known && !judged
        ? Optional.of(
            new Plan.Sort(
                key,
                wanted
                    .descending()
                    .or(
                        () ->
                            key instanceof Measure m
                                ? wanted.first().map(d -> isTop(d, m, model))
                                : Optional.empty())
                    .orElse(key instanceof Measure)))
        : Optional.empty();
  }

  /** Leaves out roles that change nothing, so that one meaning has one plan. */
  private Plan withoutIdleRoles(Plan plan) {
    Set<String> bases = MeasureTables.of(plan, model);
    return new ColumnMapping(c -> withoutIdleRole(c, bases, plan), rows -> rows).of(plan);
  }

  /** Whether the column is called just by its role: "captain". That is what people said. */
  private boolean namesRole(ColumnRef ref) {
    String role = ref.role().orElseThrow();
    int dot = role.indexOf('.');
    return model.namesItsTable(ref)
        && model
            .table(role.substring(0, dot))
            .findLink(role.substring(dot + 1))
            .filter(l -> l.to().equals(ref.table()) && Naming.isNamed(l, model))
            .isPresent();
  }

  private ColumnRef withoutIdleRole(ColumnRef ref, Set<String> bases, Plan plan) {
    if (ref.role().isEmpty()) {
      return ref;
    }
    boolean plainToo = plan.groupings().contains(new Grouping.ByColumn(ref.withoutRole()));
    if (!plainToo && namesRole(ref)) {
      return ref;
    }
    for (String base : bases) {
      List<Way> plain = paths.shortest(base, ref.table(), Optional.empty());
      List<Way> named = paths.shortest(base, ref.table(), ref.role());
      if (plain.size() != 1 || !plain.equals(named)) {
        return ref;
      }
    }
    return ref.withoutRole();
  }
}
