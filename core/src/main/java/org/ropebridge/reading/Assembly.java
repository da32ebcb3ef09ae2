package org.ropebridge.reading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Operands;
import org.ropebridge.reading.rule.Scope;

/** Puts the contributions of one sequence together into a plan. */
final class Assembly {
  private final Scope scope;
  private final Collected said = new Collected();
  private final Times times;
  private final GroupRanking rankings;
  private final Oppositions oppositions;
  private final Counts counts;

  /** What was said in the question before, which this one leans on. */
  private final Optional<Before> before;

  /** The words that no rule has made something of. */
  private List<Mention> idle = List.of();

  private Assembly(Scope scope, Optional<Before> before) {
    this.scope = scope;
    this.before = before;
    this.times = new Times(said, scope);
    this.rankings = new GroupRanking(said, scope);
    this.oppositions = new Oppositions(said, scope);
    this.counts = new Counts(said, scope);
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

  private Optional<Result> of(Sequence words) {
    Sequence sequence = words.countedApart();
    Collector collector = new Collector(said, before, scope);
    for (int i = 0; i < sequence.edges().size(); i++) {
      Edge edge = sequence.edges().get(i);
      if (i > 0 && isInItsName(sequence.edges().get(i - 1), edge)) {
        said.penalty += scope.weights().nounInItsName();
      }
      if (!collector.take((Contribution) edge.part(), sequence.joined().get(i))) {
        return Optional.empty();
      }
    }
    idle = sequence.idle();
    before.ifPresent(said::addBefore);
    return finish();
  }

  /** "huts in Quill" is about a place, and no hut of that name. */
  private boolean isInItsName(Edge noun, Edge name) {
    List<Mention> before = noun.mentions();
    return !before.isEmpty()
        && before.get(before.size() - 1).meaning() instanceof Meaning.RowNoun rows
        && name.part() instanceof Contribution.Narrowing narrowing
        && narrowing.filter() instanceof Filter.InValues in
        && scope.namingColumn(rows.table()).equals(Optional.of(in.column()))
        && name.mentions().stream().anyMatch(m -> m.is(Role.PREPOSITION));
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

  /** Whether the question begins with such a word, and no rule has made something of it. */
  private boolean begins(Role role) {
    return idle.stream().anyMatch(m -> m.from() == 0 && m.is(role));
  }

  /** "is Larkspur the best hut": the first among that one alone would say nothing. */
  private boolean asksWhetherFirst() {
    Optional<Grouping> ranked =
        said.ranked.filter(r -> r.count() == 1).flatMap(Contribution.Ranked::what);
    return ranked.isPresent()
        && Stream.concat(
                said.predicated.stream(),
                begins(Role.BE) || begins(Role.AUXILIARY) ? said.filters.stream() : Stream.empty())
            .anyMatch(
                f ->
                    f instanceof Filter.InValues in
                        && !in.negated()
                        && in.values().size() == 1
                        && ranked.get().equals(new Grouping.ByColumn(in.column())));
  }

  private Optional<Result> finish() {
    settleFilters();
    if (asksWhetherFirst()) {
      return Optional.empty();
    }
    if (said.countedApart.isPresent() && !counts.tellApart(said.countedApart.get())) {
      return Optional.empty();
    }
    if (!said.again.stream().allMatch(counts::isSaid)) {
      return Optional.empty();
    }
    if (said.costs
        && !(begins(Role.WHAT_DID)
            && said.measures.isEmpty()
            && new Listings(said, scope).price())) {
      return Optional.empty();
    }
    said.events.ifPresent(times::byDateOf);
    times.inSaidYear();
    if (said.beside.filter(b -> !b.counts()).isPresent() && said.measures.isEmpty()) {
      // "are the ones more expensive than the others", of rows that have no price.
      return Optional.empty();
    }
    if (said.beside.isPresent() && !oppositions.setBeside(said.beside.get().values())) {
      return Optional.empty();
    }
    boolean mayLeaveOut =
        said.besideOne
            && said.filters.stream()
                .anyMatch(f -> !(f instanceof Filter.InPeriod) && !(f instanceof Filter.Recurring));
    if (mayLeaveOut) {
      return Optional.empty();
    }
    times.everyYear();
    if (said.groupsTold && (said.ranked.isPresent() || said.counting)) {
      return Optional.empty();
    }
    boolean spans = said.isOverTime();
    if (said.overTime && !spans) {
      said.addGrouping(new Grouping.ByTime(TimeUnit.MONTH, Optional.empty()));
    }
    if (!rankings.joinParts() || !new Conditions(said, scope).settle()) {
      return Optional.empty();
    }
    oppositions.compareNamed();
    Drifts drifts = new Drifts(said, scope);
    if (!drifts.prepare()) {
      return Optional.empty();
    }
    boolean comparing =
        said.versus.isPresent() || said.versusTime.isPresent() || said.fromTo.isPresent();
    boolean notCompared =
        said.versusTime
            .map(Contribution.VersusTime::with)
            .filter(
                w ->
                    w == Contribution.With.COMPARE && !said.sideBySide
                        || w == Contribution.With.CHANGE && said.moved.isEmpty())
            .isPresent();
    if (notCompared) {
      return Optional.empty();
    }
    if (comparing
        && said.measures.isEmpty()
        && said.moved.isEmpty()
        && !counts.inferMeasure()
        && !((said.comparative.isPresent() || timesAlone()) && counts.preferMeasure())) {
      return Optional.empty();
    }
    if (comparing || !said.moved.isEmpty() || said.comparative.isPresent()) {
      times.ownDates();
    }
    boolean timed =
        said.filters.stream().anyMatch(Filter.InPeriod.class::isInstance)
            || said.groupings.stream().anyMatch(Grouping.ByTime.class::isInstance)
            || comparing;
    if (said.onAverage && !average()) {
      return Optional.empty();
    }
    if (said.needsTime && !timed) {
      return Optional.empty();
    }
    if (said.comparative.isPresent() && !oppositions.contrast(said.comparative.get())) {
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
    if (!new Comparisons(said, scope).settle() || !drifts.settle() || !rankings.rank()) {
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
    if (likeBefore || said.ofSameDays || comparesLevels()) {
      // Whether there is more this year can only be said of the same days of both.
      said.filters.replaceAll(Filter::soFar);
    }
    if (said.opposedFilters.isPresent() && !oppositions.oppose(said.opposedFilters.get())) {
      return Optional.empty();
    }
    if (said.inShares && !inShares() || said.cumulated && !cumulated()) {
      return Optional.empty();
    }
    if (hasTwoLowest()) {
      return Optional.empty();
    }
    times.ofDone();
    Listings listings = new Listings(said, scope);
    Optional<String> listed = listings.table();
    if (listed.isPresent()) {
      return listings
          .plan(listed.get())
          .map(p -> new Result(new IdleRoles(scope).leftOut(p), said.assumptions, said.penalty));
    }
    if (!said.measures.isEmpty() && said.measures.stream().allMatch(this::isDay)) {
      // "when did we last pay them" asks for that day, and not for one of each month.
      said.subjects.removeIf(s -> s.what() instanceof Grouping.ByTime);
    }
    if (said.extremes.isEmpty()) {
      said.subjects.forEach(subject -> said.addGrouping(subject.what()));
      // "which agent has the highest rating" asks for one, and not for the highest of each.
      boolean notRanked =
          said.subjects.stream().anyMatch(s -> !s.plural())
              && said.measures.stream().anyMatch(Assembly::isEnd);
      said.penalty += notRanked ? scope.weights().nounNotRanked() : 0;
    }
    boolean rowsOnly =
        said.rows.isPresent()
            || said.columns.isPresent()
            || said.firstRows.isPresent()
            || said.endRows.isPresent();
    boolean opposes = said.opposedFilters.isPresent();
    if (rowsOnly || said.measures.isEmpty() && !opposes && !counts.inferMeasure()) {
      return Optional.empty();
    }
    if (said.sideBySide) {
      oppositions.putSideBySide();
    }
    if (!counts.nounsFit() || !times.ofNewRows()) {
      return Optional.empty();
    }
    if (idle.stream().anyMatch(m -> m.is(Role.RIGHT_NOW))) {
      times.ofToday();
    }
    return plan();
  }

  /** "subscribers now vs a year ago": levels, such as of a stock, of the same day a year before. */
  private boolean comparesLevels() {
    return said.measures.stream().anyMatch(Assembly::isYearAgo)
        && said.measures.stream()
            .map(m -> m instanceof Measure.Compared c ? c.of() : m)
            .allMatch(m -> MeasureTables.isLevel(m, scope.model()));
  }

  private static boolean isYearAgo(Measure measure) {
    return measure instanceof Measure.Compared c
        && c.earlier().equals(new Measure.UnitBefore(Period.Unit.YEAR));
  }

  private boolean isDay(Measure measure) {
    return isEnd(measure)
        && measure instanceof Measure.Statistic of
        && scope.model().column(of.column()).holds().isTemporal();
  }

  /** "bridges with a span over 40 m": a span at all, where one of some length is asked for. */
  private boolean hasTwoLowest() {
    return said.filters.stream()
        .anyMatch(
            f ->
                f instanceof Filter.Compare some
                    && some.comparison() == Filter.Comparison.MORE_THAN
                    && some.low().signum() == 0
                    && said.filters.stream()
                        .anyMatch(
                            o ->
                                !o.equals(f)
                                    && o instanceof Filter.Compare c
                                    && c.column().equals(some.column())));
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
    if (said.measures.isEmpty() && !counts.inferMeasure()) {
      return false;
    }
    boolean moved =
        said.measures.stream()
            .allMatch(m -> m instanceof Measure.Compared c && c.move() == Measure.Move.CHANGE);
    if (moved) {
      // "how much has revenue grown in percent"
      said.measures.replaceAll(
          m ->
              new Measure.Compared(
                  Measure.Move.GROWTH,
                  ((Measure.Compared) m).of(),
                  ((Measure.Compared) m).earlier()));
      return true;
    }
    Optional<Filter> part = new Comparisons(said, scope).partOverTime();
    if (part.isPresent()) {
      said.filters.remove(part.get());
      said.measures.replaceAll(m -> new Measure.Portion((Measure.Basic) m, List.of(part.get())));
      return true;
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

  /** "as a running total": measures by a span of time are summed up so far. */
  private boolean cumulated() {
    boolean overTime =
        said.groupings.stream().anyMatch(Grouping.ByTime.class::isInstance)
            && !said.measures.isEmpty()
            && said.measures.stream().allMatch(Measure.Plain.class::isInstance);
    if (overTime) {
      said.measures.replaceAll(m -> new Measure.Cumulative((Measure.Plain) m));
    }
    return overTime;
  }

  private Optional<Result> plan() {
    Optional<Plan.Ranking> ranking = Optional.empty();
    Optional<BigDecimal> percent = said.ranked.flatMap(Contribution.Ranked::percent);
    if (percent.isPresent()) {
      Measure by = said.ranked.get().by().orElseThrow();
      boolean otherOrder = said.order.filter(o -> !o.by().equals(Optional.of(by))).isPresent();
      if (said.within.isPresent() || said.groupings.isEmpty() || otherOrder) {
        return Optional.empty();
      }
      boolean top = GroupRanking.isTop(said.ranked.get().direction(), by, scope);
      said.keeps.add(new Plan.Keep(by, new Plan.AmongFirst(top, percent.get())));
      said.order = Optional.of(new Contribution.Order(Optional.of(by), false, Optional.of(top)));
    } else if (said.ranked.isPresent()) {
      Contribution.Ranked ranked = said.ranked.get();
      Measure by = ranked.by().orElseThrow();
      ranking =
          Optional.of(
              new Plan.Ranking(
                  GroupRanking.isTop(ranked.direction(), by, scope),
                  ranked.count(),
                  by,
                  said.within));
    } else if (said.within.isPresent()) {
      return Optional.empty();
    }
    if (ranking.isPresent() && said.groupings.isEmpty()) {
      return Optional.empty();
    }
    Optional<Plan.Sort> sort = Optional.empty();
    if (said.order.isPresent()) {
      sort = rankings.sort(said.order.get());
      if (sort.isEmpty()) {
        return Optional.empty();
      }
    }
    Optional<Bound> claim = said.claim;
    boolean nothingToSort =
        said.order.isPresent() && said.groupings.isEmpty() && said.subjects.isEmpty();
    if (nothingToSort) {
      return Optional.empty();
    }
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
      if (begins(Role.WHAT_DID)) {
        // "what does a night cost" asks for one number, and for no two side by side.
        return Optional.empty();
      }
      said.assumptions.add(new Assumption.SideBySide(plan.measures()));
    }
    return Optional.of(
        new Result(new IdleRoles(scope).leftOut(plan), said.assumptions, said.penalty));
  }

  private static boolean isEnd(Measure measure) {
    return measure instanceof Measure.Statistic statistic
        && (statistic.kind() == Measure.Kind.MAXIMUM || statistic.kind() == Measure.Kind.MINIMUM);
  }

  /** Makes the only total an average; false when nothing is, or can be, an average. */
  private boolean average() {
    if (said.measures.stream().anyMatch(this::isAverage)) {
      return true;
    }
    boolean total =
        said.measures.size() == 1
            && said.measures.get(0) instanceof Measure.Statistic s
            && s.kind() == Measure.Kind.SUM;
    if (total) {
      said.measures.replaceAll(
          m -> Measure.Statistic.of(Measure.Kind.AVERAGE, ((Measure.Statistic) m).column()));
    }
    return total;
  }

  private boolean isAverage(Measure measure) {
    return measure instanceof Measure.Statistic s && s.kind() == Measure.Kind.AVERAGE
        || measure instanceof Measure.Duration d && d.kind() == Measure.Kind.AVERAGE
        || measure instanceof Measure.OverParts
        || measure instanceof Measure.MetricValue value
            && ExpressionParser.parse(scope.model().metric(value.metric()).sql())
                instanceof Expression.Call call
            && call.function().equals("avg");
  }

  /** "this year vs last year": two times are said, and nothing of what is compared. */
  private boolean timesAlone() {
    return said.nouns.isEmpty()
        && said.filters.stream().anyMatch(Filter.InPeriod.class::isInstance);
  }
}
