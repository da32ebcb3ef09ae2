package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts with no callouts", "members who never stayed" [noun] [no] [noun whose rows point at it] ->
 * rows at which none point
 */
final class RelatedRule extends Rule {
  RelatedRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.NONE),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Relations.related(match, scope, true).ifPresent(out);
  }
}
