package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "top ten huts in Brannick by occupancy" [by] [measure] -> the measure of a ranking that stands
 * apart
 */
final class RankMeasureRule extends Rule {
  RankMeasureRule() {
    super(Slot.word(Role.BY), Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.RankMeasure(Rankings.measure(match.get(1, Part.class))));
  }
}
