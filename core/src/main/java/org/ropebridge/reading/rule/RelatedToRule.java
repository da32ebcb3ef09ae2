package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts with callouts", "members that had a stay" [noun] [with] [noun whose rows point at it] ->
 * rows at which some point
 */
final class RelatedToRule extends Rule {
  RelatedToRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION, Role.BOTH, Role.HAVE),
        Slot.word(Role.BOTH).maybe(),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Relations.related(match, scope, 3, false).ifPresent(out);
  }
}
