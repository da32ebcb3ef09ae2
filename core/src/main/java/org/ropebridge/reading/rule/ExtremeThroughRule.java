package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "who inspected the most bridges" [noun] [superlative] [noun that its rows point at] -> ranked by
 * how many different ones
 */
final class ExtremeThroughRule extends Rule {
  ExtremeThroughRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String through = match.get(0, Meaning.RowNoun.class).table();
    String counted = match.get(2, Meaning.RowNoun.class).table();
    if (scope.pointsAt(through, counted)) {
      out.accept(
          new Contribution.Extreme(
              Rankings.direction(match.get(1, Part.class)),
              new Measure.DistinctRows(counted, through, Optional.empty())));
    }
  }
}
