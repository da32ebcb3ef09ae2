package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "which of the valleys has the lowest occupancy" [which of] [something to group by] [has] [the
 * most of something] -> the one at that end
 */
final class WhichOfRule extends Rule {
  WhichOfRule() {
    super(
        Slot.word(Role.WHICH_OF),
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.HAVE).maybe(),
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Rankings.atEnd(match, 1, 1, 3, 4, scope).ifPresent(out);
  }
}
