package org.ropebridge.reading;

import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Scope;

/** Ranks groups, or keeps them, by how a measure of theirs moved. */
final class Drifts {
  private final Collected said;
  private final Scope scope;
  private Optional<Contribution.Subject> subject = Optional.empty();
  private Optional<Measure.Plain> of = Optional.empty();

  Drifts(Collected said, Scope scope) {
    this.said = said;
    this.scope = scope;
  }

  /**
   * Finds what moved, and of which groups, before it is known which times are compared; false when
   * there is no such thing.
   */
  boolean prepare() {
    boolean groupsCompared =
        said.comparative.isPresent() && said.drifted.isEmpty() && !said.yesOrNo;
    if (groupsCompared) {
      said.drifted =
          said.comparative.map(
              way ->
                  new Contribution.Drifted(
                      way,
                      Measure.Move.CHANGE,
                      Optional.empty(),
                      Optional.empty(),
                      Optional.empty()));
      said.comparative = Optional.empty();
    }
    if (said.drifted.isEmpty()) {
      return true;
    }
    boolean otherwise =
        said.yesOrNo
            || said.counting
            || said.ranked.isPresent()
            || said.comparative.isPresent()
            || !said.extremes.isEmpty()
            || !said.moved.isEmpty();
    if (otherwise) {
      return false;
    }
    Contribution.Drifted drifted = said.drifted.get();
    subject = drifted.subject().or(this::named);
    if (groupsCompared && subject.isEmpty()) {
      return compareTimes(drifted);
    }
    of = drifted.of().or(this::onlyMeasure).or(this::preferred);
    if (subject.isEmpty() || of.isEmpty() || !said.measures.isEmpty()) {
      return false;
    }
    said.addGrouping(subject.get().what());
    said.addMeasure(of.get());
    said.moved.add(new Contribution.Moved(Measure.Move.BEFORE, of.get()));
    said.moved.add(new Contribution.Moved(drifted.move(), of.get()));
    return true;
  }

  /** "how much more did we earn in 2025 than in 2024": the change, where no groups are named. */
  private boolean compareTimes(Contribution.Drifted drifted) {
    Optional<Measure.Plain> moved = onlyMeasure();
    boolean moreOrLess = drifted.way() == Contrast.MORE || drifted.way() == Contrast.LESS;
    if (moved.isEmpty() || said.versusTime.isEmpty() || !moreOrLess) {
      return false;
    }
    said.drifted = Optional.empty();
    said.addMeasure(moved.get());
    said.moved.add(new Contribution.Moved(Measure.Move.BEFORE, moved.get()));
    said.moved.add(new Contribution.Moved(Measure.Move.CHANGE, moved.get()));
    return true;
  }

  /** The groups that are named apart from what moved. */
  private Optional<Contribution.Subject> named() {
    if (said.subjects.size() == 1) {
      return Optional.of(said.subjects.remove(0));
    }
    List<Grouping> groups =
        said.groupings.stream().filter(Grouping.ByColumn.class::isInstance).toList();
    if (groups.size() == 1) {
      return Optional.of(new Contribution.Subject(groups.get(0), true));
    }
    List<String> nouns = said.nouns.stream().distinct().toList();
    Optional<Contribution.Subject> noun =
        nouns.size() == 1
            ? scope
                .namingColumn(nouns.get(0))
                .map(c -> new Contribution.Subject(new Grouping.ByColumn(c), true))
            : Optional.empty();
    noun.ifPresent(
        s -> {
          said.nouns.clear();
          said.countedNouns.clear();
        });
    return noun;
  }

  private Optional<Measure.Plain> onlyMeasure() {
    boolean one = said.measures.size() == 1 && said.measures.get(0) instanceof Measure.Plain;
    return one ? Optional.of((Measure.Plain) said.measures.remove(0)) : Optional.empty();
  }

  private Optional<Measure.Plain> preferred() {
    Optional<Measure.Plain> by = scope.model().preferences().topBy().map(Measure.MetricValue::new);
    by.ifPresent(m -> said.assumptions.add(Assumption.rankedBy(m)));
    return by;
  }

  /** Ranks or keeps the groups, once it is known which times are compared. */
  boolean settle() {
    if (said.drifted.isEmpty()) {
      return true;
    }
    Contribution.Drifted drifted = said.drifted.get();
    Optional<Measure> moved =
        said.measures.stream()
            .filter(
                m ->
                    m instanceof Measure.Compared c
                        && c.move() == drifted.move()
                        && c.of().equals(of.get()))
            .findFirst();
    if (moved.isEmpty()) {
      return false;
    }
    boolean up = isUp(drifted.way());
    if (drifted.most().isEmpty()) {
      Bound distance = drifted.by().orElse(Bound.of(Filter.Comparison.MORE_THAN, 0));
      Bound bound = up ? distance : fallen(distance);
      said.keeps.add(new Plan.Keep(moved.get(), new Plan.Against(bound)));
      return true;
    }
    boolean top = up == drifted.most().get();
    said.ranked =
        Optional.of(
            new Contribution.Ranked(
                top ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM,
                subject.get().wanted(),
                Optional.of(subject.get().what()),
                moved));
    return true;
  }

  /** "fell by more than 20 %" is a growth below -20 %. */
  private static Bound fallen(Bound distance) {
    return new Bound(
        distance.comparison() == Filter.Comparison.MORE_THAN
            ? Filter.Comparison.LESS_THAN
            : Filter.Comparison.AT_MOST,
        distance.low().negate(),
        Optional.empty());
  }

  private boolean isUp(Contrast way) {
    return switch (way) {
      case MORE -> true;
      case LESS -> false;
      case BETTER -> GroupRanking.isTop(Contribution.Direction.BEST, of.get(), scope);
      case WORSE -> GroupRanking.isTop(Contribution.Direction.WORST, of.get(), scope);
    };
  }
}
