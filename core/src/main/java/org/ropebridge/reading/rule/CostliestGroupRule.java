package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "most expensive month", "3 cheapest offices" [number] [superlative of money] [number] [groups] ->
 * those groups by the only metric that is called a cost
 */
final class CostliestGroupRule extends Rule {
  /** The slot of the groups. */
  private static final int GROUPS = 3;

  CostliestGroupRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.SuperlativeWord.class, w -> w.dimension().equals(Dimensions.MONEY)),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping grouping = match.get(GROUPS, Phrase.Groupable.class).grouping();
    boolean hasPrice =
        grouping instanceof Grouping.ByColumn by
            && !scope.measuredBy(by.column().table(), Dimensions.MONEY).isEmpty();
    if (hasPrice || match.has(0) && match.has(2)) {
      return;
    }
    scope
        .cost()
        .flatMap(
            cost ->
                Rankings.groups(
                    match,
                    match.has(0) ? 0 : 2,
                    GROUPS,
                    Rankings.direction(match.get(1, Part.class)),
                    new Measure.MetricValue(cost)))
        .ifPresent(out);
  }
}
