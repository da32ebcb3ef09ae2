package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "agents who sold nothing" [noun] [that] [noun whose rows point at it, as what was done] [nothing]
 * -> rows at which none point
 */
final class RelatedToNothingRule extends Rule {
  RelatedToNothingRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION, Role.HAVE).maybe(),
        Slot.a(Part.class, Relations::mayBeDone),
        Slot.word(Role.NOTHING));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    Relations.named(match, 2, scope)
        .filter(rows -> scope.pointing(rows.table(), anchor).isPresent())
        .map(
            rows ->
                new Contribution.Related(
                    anchor, scope.pointing(rows.table(), anchor).get(), rows.filters(), true))
        .ifPresent(out);
  }
}
