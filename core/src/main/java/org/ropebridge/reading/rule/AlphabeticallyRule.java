package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "alphabetically", "sorted in alphabetical order" [alphabetically] -> an order by name */
final class AlphabeticallyRule extends Rule {
  AlphabeticallyRule() {
    super(Slot.word(Role.SORTED).maybe(), Slot.word(Role.ALPHABETICALLY));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Order(Optional.empty(), true, Optional.empty()));
  }
}
