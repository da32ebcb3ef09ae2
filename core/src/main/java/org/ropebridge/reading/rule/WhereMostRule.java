package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "where do most callouts happen", "where did we have the most cancellations" [where] [most]
 * [measure] [happen] -> the nearest kind of place that has the most
 */
final class WhereMostRule extends Rule {
  WhereMostRule() {
    super(
        Slot.word(Role.WHERE),
        Slot.word(Role.AUXILIARY, Role.BE, Role.HAVE).maybe(),
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Part.class, Rankings::canRank),
        Slot.word(Role.HAPPENING, Role.LIVING).maybe());
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure by = Rankings.measure(match.get(3, Part.class));
    Places.ranked(by, Rankings.direction(match.get(2, Part.class)), scope).ifPresent(out);
  }
}
