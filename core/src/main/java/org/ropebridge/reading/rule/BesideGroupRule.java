package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "above that of Larkspur" [above] [that of] [value] -> a comparison with one group */
final class BesideGroupRule extends Rule {
  BesideGroupRule() {
    super(
        Slot.word(Role.ABOVE, Role.BELOW),
        Slot.word(Role.THAT_OF).maybe(),
        Slot.a(Phrase.Values.class, v -> v.stored().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values group = match.get(2, Phrase.Values.class);
    out.accept(
        new Phrase.BesideGroup(match.isWord(0, Role.ABOVE), group.column(), group.stored().get(0)));
  }
}
