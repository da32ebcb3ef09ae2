package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "both", "both months together" [both] [those] [unit of time, or noun] -> the last two answers */
final class BothOfThemRule extends Rule {
  BothOfThemRule() {
    super(
        Slot.word(Role.BOTH),
        Slot.word(Role.THOSE).maybe(),
        Slot.a(Part.class, p -> p instanceof Meaning.TimeUnitWord || p instanceof Meaning.RowNoun)
            .maybe());
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.BothOfThem());
  }
}
