package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "earned the most", "was visited least" [measure] [most] -> what ranks a subject that stands apart
 */
final class MeasureMostRule extends Rule {
  MeasureMostRule() {
    super(
        Slot.a(Part.class, Rankings::canRank),
        Slot.a(Meaning.SuperlativeWord.class, s -> s.dimension().equals("amount")));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Extreme(
            Rankings.direction(match.get(1, Part.class)),
            Rankings.measure(match.get(0, Part.class))));
  }
}
