package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "bridges not inspected this year" [noun] [not] [noun whose rows point at it, as a participle] ->
 * rows at which none point
 */
final class NotRelatedRule extends Rule {
  NotRelatedRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.NOT),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isParticiple(3)) {
      Relations.related(match, scope, true).ifPresent(out);
    }
  }
}
