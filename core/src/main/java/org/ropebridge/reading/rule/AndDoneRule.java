package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "members who joined before 2000 and stayed this year" [and] [noun, as a participle] -> rows at
 * which such rows point
 */
final class AndDoneRule extends Rule {
  AndDoneRule() {
    super(Slot.word(Role.AND), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isParticiple(1)) {
      out.accept(
          new Contribution.RelatedApart(
              match.get(1, Meaning.RowNoun.class).table(), List.of(), false));
    }
  }
}
