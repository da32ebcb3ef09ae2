package org.ropebridge.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Ranks and orders the groups of a plan. */
final class GroupRanking {
  private final Collected said;
  private final Scope scope;
  private final Model model;

  GroupRanking(Collected said, Scope scope) {
    this.said = said;
    this.scope = scope;
    this.model = scope.model();
  }

  /**
   * Brings together what stood apart: "which hut in Ossel had the most callouts", "top ten huts in
   * Ossel by revenue", "how many cancelled stays".
   */
  boolean joinParts() {
    if (said.subjects.stream().anyMatch(this::isNoDoer)) {
      said.penalty += scope.weights().noDoer();
    }
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
    } else if (!said.rankMeasures.isEmpty() && said.standing.isPresent()) {
      if (!said.measures.isEmpty()) {
        return false;
      }
      said.measures.add(said.rankMeasures.get(0));
    } else if (!said.rankMeasures.isEmpty()) {
      if (said.ranked.isEmpty() || said.ranked.get().by().isPresent()) {
        return false;
      }
      said.ranked = Optional.of(said.ranked.get().by(said.rankMeasures.get(0)));
    }
    if (said.counting) {
      if (said.nouns.isEmpty() && !new Counts(said, scope).countWhatFiltersAreAbout()) {
        return false;
      }
      said.measures.remove(new Measure.RowCount(said.nouns.get(0)));
      said.measures.add(0, new Measure.RowCount(said.nouns.get(0)));
    }
    return true;
  }

  /** "who sold the most": those who are called sellers, and no others. */
  private boolean isNoDoer(Contribution.Subject subject) {
    return subject.what() instanceof Grouping.ByColumn by
        && scope.persons().contains(by.column().withoutRole())
        && Stream.concat(
                said.measures.stream(), said.extremes.stream().map(Contribution.Extreme::by))
            .filter(Measure.MetricValue.class::isInstance)
            .map(m -> scope.doers().get(((Measure.MetricValue) m).metric()))
            .anyMatch(doer -> doer != null && !doer.equals(by.column().withoutRole()));
  }

  /** "lowest occupancy by hut": the one of what it is broken down by. */
  private boolean rankedByBreakdown() {
    return said.subjects.isEmpty()
        && said.groupings.size() == 1
        && !(said.extremes.get(0).by() instanceof Measure.RowCount);
  }

  boolean rank() {
    if (said.standing.isPresent()) {
      return said.ranked.isEmpty() && place(said.standing.get());
    }
    if (said.ranked.isEmpty()) {
      return true;
    }
    said.ranked = said.ranked.map(this::plainOfTimes);
    Contribution.Ranked ranking = said.ranked.get();
    Contribution.Direction direction = ranking.direction();
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
        by = preferred(direction);
      }
      if (by.isEmpty()) {
        return false;
      }
      ranking = ranking.by(by.get());
      said.ranked = Optional.of(ranking);
    }
    if (isPace(ranking)) {
      Optional<Measure> time = timeOf(ranking.by().orElseThrow());
      if (time.isEmpty()) {
        return false;
      }
      said.measures.remove(ranking.by().orElseThrow());
      ranking = ranking.by(time.get());
      said.ranked = Optional.of(ranking);
    }
    Measure by = ranking.by().orElseThrow();
    if (!said.measures.contains(by)) {
      said.measures.add(0, by);
    }
    return true;
  }

  /** "slowest month": of times it is the one with the least, where nothing is said of what. */
  private Contribution.Ranked plainOfTimes(Contribution.Ranked ranked) {
    boolean ofTimes =
        ranked.direction().isOfTime()
            && ranked.by().isEmpty()
            && said.measures.isEmpty()
            && ranked.what().filter(Grouping.ByTime.class::isInstance).isPresent();
    Contribution.Direction end =
        ranked.direction() == Contribution.Direction.SLOWEST
            ? Contribution.Direction.BOTTOM
            : Contribution.Direction.TOP;
    return ofTimes ? ranked.in(end) : ranked;
  }

  /** What ranks where nothing is said. */
  private Optional<Measure> preferred(Contribution.Direction direction) {
    Optional<Measure> by =
        model
            .preferences()
            .topBy()
            .<Measure>map(Measure.MetricValue::new)
            .filter(m -> !direction.isOfTime() || isTime(m, scope))
            .filter(m -> rowsOfCategory().isEmpty() || isOfGroups(m) && !isReason())
            .or(() -> isJudgement(direction) ? Optional.empty() : rowsOfCategory())
            .or(() -> isJudgement(direction) ? onlyJudged() : Optional.empty())
            .or(
                () ->
                    direction.isOfTime() || isJudgement(direction)
                        ? Optional.empty()
                        : rowsAtEach());
    by.ifPresent(m -> said.assumptions.add(Assumption.rankedBy(m)));
    return by;
  }

  /** "where does Larkspur rank": its value and place, which are taken among all. */
  private boolean place(Contribution.Standing standing) {
    Grouping among = new Grouping.ByColumn(standing.column());
    boolean others = said.groupings.stream().anyMatch(g -> !g.equals(among));
    if (others || !said.keeps.isEmpty() || said.measures.size() > 1) {
      return false;
    }
    said.addGrouping(among);
    boolean opinion =
        said.measures.isEmpty()
            && standing.by().isEmpty()
            && standing.end().filter(Contribution.Direction::isJudged).isPresent();
    if (opinion) {
      return false;
    }
    Optional<Measure> by =
        standing
            .by()
            .or(() -> said.measures.stream().findFirst())
            .or(() -> preferred(standing.end().orElse(Contribution.Direction.TOP)));
    boolean fromTop =
        by.isPresent()
            && by.get() instanceof Measure.Plain
            && !by.get().equals(new Measure.RowCount(standing.column().table()))
            && standing.end().map(e -> isTop(e, by.get(), scope)).orElse(true);
    if (!fromTop || !said.measures.isEmpty() && !said.measures.contains(by.get())) {
      return false;
    }
    Measure place = new Measure.Rank((Measure.Plain) by.get());
    said.measures.clear();
    said.measures.add(by.get());
    said.measures.add(place);
    said.keeps.add(new Plan.Keep(place, new Plan.LikeGroup(standing.column(), standing.value())));
    return true;
  }

  private static boolean isJudgement(Contribution.Direction direction) {
    return direction == Contribution.Direction.BEST || direction == Contribution.Direction.WORST;
  }

  /**
   * "best class in maths", where nothing is preferred: the only metric that may be good or bad, of
   * those that there are of such groups.
   */
  private Optional<Measure> onlyJudged() {
    List<Measure> judged =
        model.metrics().stream()
            .filter(m -> m.better().isPresent())
            .<Measure>map(m -> new Measure.MetricValue(m.name()))
            .filter(this::isOfGroups)
            .toList();
    return judged.size() == 1 ? Optional.of(judged.get(0)) : Optional.empty();
  }

  /** Whether the rows that a measure is about have what the answer is split and limited by. */
  private boolean isOfGroups(Measure measure) {
    List<String> wanted =
        Stream.concat(
                said.groupings.stream()
                    .filter(Grouping.ByColumn.class::isInstance)
                    .map(g -> ((Grouping.ByColumn) g).column().table()),
                said.filters.stream().flatMap(f -> f.narrowedTable().stream()))
            .toList();
    return MeasureTables.of(measure, model).stream()
        .allMatch(
            base ->
                wanted.stream()
                    .allMatch(to -> !scope.paths().shortest(base, to, Optional.empty()).isEmpty()));
  }

  /** "top causes", where no callout is preferred: by how many rows there are of each. */
  private Optional<Measure> rowsOfCategory() {
    return category()
        .filter(c -> !model.namesItsTable(c) && scope.holds(c, Column.Holds.CATEGORY))
        .map(c -> new Measure.RowCount(c.table()));
  }

  private boolean isReason() {
    return category().filter(c -> scope.reason(c.table()).equals(Optional.of(c))).isPresent();
  }

  private Optional<ColumnRef> category() {
    return said.groupings.size() == 1
            && said.groupings.get(0) instanceof Grouping.ByColumn by
            && by.column().role().isEmpty()
        ? Optional.of(by.column())
        : Optional.empty();
  }

  /** "most popular club", where nothing is preferred: by the only rows that point at them. */
  private Optional<Measure> rowsAtEach() {
    if (said.groupings.size() != 1
        || !(said.groupings.get(0) instanceof Grouping.ByColumn by)
        || !model.namesItsTable(by.column())) {
      return Optional.empty();
    }
    return scope.onlyPointing(by.column().table()).map(Measure.RowCount::new);
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

  Optional<Plan.Sort> sort(Contribution.Order wanted) {
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
        wanted.first().filter(d -> !d.isOfTime()).isPresent()
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
                                ? wanted.first().map(d -> isTop(d, m, scope))
                                : Optional.empty())
                    .orElse(key instanceof Measure)))
        : Optional.empty();
  }

  static boolean isTop(Contribution.Direction direction, Measure by, Scope scope) {
    boolean lowerIsBetter =
        by instanceof Measure.MetricValue value
            && scope
                .model()
                .metric(value.metric())
                .better()
                .equals(Optional.of(Metric.Better.LOWER));
    return switch (direction) {
      case TOP -> true;
      case BOTTOM -> false;
      case BEST -> !lowerIsBetter;
      case WORST -> lowerIsBetter;
      case FASTEST -> !isTime(by, scope);
      case SLOWEST -> isTime(by, scope);
    };
  }

  /** "fastest at closing tickets": how long they take, where how many there are is measured. */
  private boolean isPace(Contribution.Ranked ranked) {
    Measure by = ranked.by().orElseThrow();
    boolean ofTimes = ranked.what().filter(Grouping.ByTime.class::isInstance).isPresent();
    boolean speed = scope.unitOf(by).filter(u -> scope.dimensions().has("speed", u)).isPresent();
    return ranked.direction().isOfTime() && !ofTimes && !speed && !isTime(by, scope);
  }

  /** How long the rows that are measured took on average, where that is known. */
  private Optional<Measure> timeOf(Measure by) {
    Set<String> tables = MeasureTables.of(by, scope.model());
    if (tables.size() != 1) {
      return Optional.empty();
    }
    String table = tables.iterator().next();
    return Optional.of(by)
        .filter(Measure.MetricValue.class::isInstance)
        .flatMap(m -> scope.model().metric(((Measure.MetricValue) m).metric()).date())
        .flatMap(date -> scope.durationUpTo(ColumnRef.of(table, date)))
        .or(() -> scope.duration(table))
        .map(d -> Measure.Statistic.of(Measure.Kind.AVERAGE, d));
  }

  /** Whether the measure tells how long something takes. */
  private static boolean isTime(Measure by, Scope scope) {
    return by instanceof Measure.Duration
        || scope.unitOf(by).filter(u -> scope.dimensions().has("time", u)).isPresent();
  }
}
