package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;

/**
 * "the most callouts", "the highest revenue", "the most cancelled stays" [superlative] [filter]
 * [measure] -> what ranks a subject that stands apart
 */
final class ExtremeRule extends Rule {
  ExtremeRule() {
    super(
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!Rankings.fits(match.get(0, Part.class), match.get(2, Part.class), scope)) {
      return;
    }
    Contribution extreme =
        new Contribution.Extreme(
            Rankings.direction(match.get(0, Part.class)),
            Rankings.measure(match.get(2, Part.class)));
    out.accept(Rankings.narrowed(extreme, match, 1));
  }
}
