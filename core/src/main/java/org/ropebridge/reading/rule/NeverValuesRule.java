package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "who never took First Aid", "members never at Larkspur" [never] [values] -> those that none of
 * which is so
 */
final class NeverValuesRule extends Rule {
  NeverValuesRule() {
    super(Slot.word(Role.NONE), Slot.word(Role.PREPOSITION).maybe(), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return -0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(2, Phrase.Values.class);
    out.accept(new Contribution.Narrowing(values.filter(true)));
  }
}
