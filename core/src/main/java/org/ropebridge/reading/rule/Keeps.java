package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** Conditions on measures. */
public final class Keeps {
  /** The unit of amounts that are said in percent. */
  static final String PERCENT = "%";

  private Keeps() {}

  /**
   * The condition that the measure compares so; percentages as the shares that they are. Empty
   * where a percentage is asked of what is no share, minutes of how many there are, or pieces of
   * money.
   */
  public static Optional<Plan.Keep> compared(
      Measure measure, Phrase.Comparing comparing, Scope scope) {
    boolean saidInPercent = comparing.unit().equals(Optional.of(PERCENT));
    boolean share = isShare(measure, scope);
    if (saidInPercent && !share && !isQuotient(measure)) {
      return Optional.empty();
    }
    boolean counts =
        measure instanceof Measure.RowCount
            || measure instanceof Measure.DistinctRows
            || measure instanceof Measure.DistinctValues;
    boolean otherUnit =
        !saidInPercent
            && comparing.unit().isPresent()
            && (counts
                || scope
                    .unitOf(measure)
                    .map(u -> !isUnit(u, comparing))
                    .orElseGet(() -> isTime(comparing.unit().get(), scope)));
    if (otherUnit) {
      return Optional.empty();
    }
    boolean inPercent =
        saidInPercent || share && comparing.low().abs().compareTo(BigDecimal.ONE) > 0;
    Bound bound =
        inPercent
            ? new Bound(
                comparing.comparison(),
                comparing.low().movePointLeft(2),
                comparing.high().map(h -> h.movePointLeft(2)))
            : new Bound(comparing.comparison(), comparing.low(), comparing.high());
    return Optional.of(new Plan.Keep(measure, new Plan.Against(bound)));
  }

  /** "tickets solved within 4 hours" are not 4 of what has no unit. */
  private static boolean isTime(String unit, Scope scope) {
    return scope.dimensions().has(Dimensions.TIME, unit);
  }

  /** The measure of what is grouped, at that place by it, the highest at the first. */
  static Contribution atPlace(ColumnRef names, Measure measure, int place) {
    Plan.Keep keep =
        new Plan.Keep(
            new Measure.Rank((Measure.Plain) measure),
            new Plan.Against(Bound.of(Filter.Comparison.EQUAL_TO, place)));
    return new Contribution.Together(
        List.of(
            Contribution.Measures.of(measure),
            new Contribution.Groupings(List.of(new Grouping.ByColumn(names))),
            new Contribution.Keeping(keep, true)));
  }

  private static boolean isUnit(String unit, Phrase.Comparing comparing) {
    return comparing.unit().equals(Optional.of(unit));
  }

  private static boolean isQuotient(Measure measure) {
    return measure instanceof Measure.Arithmetic a && a.operator() == Measure.Operator.DIVIDED_BY;
  }

  private static boolean isShare(Measure measure, Scope scope) {
    return measure instanceof Measure.Portion
        || measure instanceof Measure.Share
        || measure instanceof Measure.Compared c && c.move() == Measure.Move.GROWTH
        || measure instanceof Measure.Narrowed n && isShare(n.of(), scope)
        || measure instanceof Measure.OverParts o && isShare(o.of(), scope)
        || measure instanceof Measure.MetricValue m
            && scope.model().metric(m.metric()).shownAs() == Metric.ShownAs.PERCENT;
  }
}
