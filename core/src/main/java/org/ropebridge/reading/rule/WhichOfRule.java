package org.ropebridge.reading.rule;

import java.util.Optional;
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
    if (Rankings.fits(match.get(3, Part.class), match.get(4, Part.class), scope)) {
      out.accept(
          new Contribution.Ranked(
              Rankings.direction(match.get(3, Part.class)),
              1,
              Optional.of(match.get(1, Phrase.Groupable.class).grouping()),
              Optional.of(Rankings.measure(match.get(4, Part.class)))));
    }
  }
}
