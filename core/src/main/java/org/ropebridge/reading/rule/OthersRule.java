package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "the others", "and the other valleys" [others] [groups] -> what was left out */
final class OthersRule extends Rule {
  OthersRule() {
    super(Slot.word(Role.OTHERS, Role.OTHER), Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isWord(0, Role.OTHER) == match.has(1)) {
      out.accept(
          new Contribution.Others(
              match.find(1, Phrase.Groupable.class).map(Phrase.Groupable::grouping)));
    }
  }
}
