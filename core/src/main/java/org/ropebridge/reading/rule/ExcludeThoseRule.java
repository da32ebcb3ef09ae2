package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "exclude those", "without these" [drop, or without] [those] -> what a filter or a ranking left
 * out
 */
final class ExcludeThoseRule extends Rule {
  ExcludeThoseRule() {
    super(Slot.word(Role.DROP, Role.EXCLUDING), Slot.word(Role.THOSE));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Others(Optional.empty()));
  }
}
