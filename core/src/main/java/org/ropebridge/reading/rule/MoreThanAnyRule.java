package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "which hut has more callouts than any other" [more] [measure or noun] [than any other] -> the
 * most
 */
final class MoreThanAnyRule extends Rule {
  MoreThanAnyRule() {
    super(
        Slot.a(
            Meaning.ComparativeWord.class,
            c -> c.contrast() == Contrast.MORE || c.contrast() == Contrast.LESS),
        Slot.a(Part.class, Rankings::canRank),
        Slot.word(Role.THAN_ANY));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean more = match.get(0, Meaning.ComparativeWord.class).contrast() == Contrast.MORE;
    out.accept(
        new Contribution.Extreme(
            more ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM,
            Rankings.measure(match.get(1, Part.class))));
  }
}
