package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "how many different huts did members visit" [how many] [noun] [noun of who did it] [noun whose
 * rows point at both] -> the different ones
 */
final class VisitedByRule extends Rule {
  VisitedByRule() {
    super(
        Slot.word(Role.COUNT),
        Slot.word(Role.DIFFERENT).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String counted = match.get(2, Meaning.RowNoun.class).table();
    String who = match.get(3, Meaning.RowNoun.class).table();
    String through = match.get(4, Meaning.RowNoun.class).table();
    boolean fits =
        !counted.equals(who) && scope.pointsAt(through, counted) && scope.pointsAt(through, who);
    if (fits) {
      scope
          .namingColumn(who)
          .ifPresent(
              name ->
                  out.accept(
                      new Contribution.MeasureWith(
                          new Measure.DistinctRows(counted, through, Optional.empty()),
                          new Filter.Missing(name, true))));
    }
  }
}
