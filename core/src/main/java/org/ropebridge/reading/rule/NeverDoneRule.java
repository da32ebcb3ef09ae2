package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "books that were never borrowed" [no] [what was done] [its own noun] -> rows at which none point
 */
final class NeverDoneRule extends Rule {
  NeverDoneRule() {
    super(
        Slot.word(Role.NONE, Role.NOT),
        Slot.a(Part.class, Relations::mayBeDone),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isWord(0, Role.NOT) && !match.isParticiple(1)) {
      return;
    }
    Relations.rowsDone(match, 1, scope)
        .filter(
            t -> match.find(2, Meaning.RowNoun.class).map(n -> n.table().equals(t)).orElse(true))
        .ifPresent(table -> out.accept(new Contribution.RelatedApart(table, List.of(), true)));
  }
}
