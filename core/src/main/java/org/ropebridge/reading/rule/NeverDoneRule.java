package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "books that were never borrowed", "customers we never sold to" [no] [what was done] [to] [its own
 * noun] -> rows at which none point
 */
final class NeverDoneRule extends Rule {
  NeverDoneRule() {
    super(
        Slot.word(Role.NONE, Role.NOT),
        Slot.a(Part.class, Relations::mayBeDone),
        Slot.word(Role.TO).maybe(),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isWord(0, Role.NOT) && !match.isParticiple(1) || match.has(2) && match.has(3)) {
      return;
    }
    Relations.done(match, 1, scope)
        .filter(
            r ->
                match
                    .find(3, Meaning.RowNoun.class)
                    .map(n -> n.table().equals(r.table()))
                    .orElse(true))
        .ifPresent(
            rows -> out.accept(new Contribution.RelatedApart(rows.table(), rows.filters(), true)));
  }
}
