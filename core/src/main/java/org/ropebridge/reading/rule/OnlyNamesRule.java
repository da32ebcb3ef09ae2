package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "just the names" [only] [names] -> no other columns of the rows that are listed */
final class OnlyNamesRule extends Rule {
  OnlyNamesRule() {
    super(Slot.word(Role.ONLY).maybe(), Slot.word(Role.ONLY_NAMES), Slot.word(Role.ONLY).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) || match.has(2)) {
      out.accept(new Contribution.OnlyNames());
    }
  }
}
