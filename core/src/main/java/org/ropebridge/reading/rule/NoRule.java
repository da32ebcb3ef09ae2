package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "no, by valley" [no] [comma] -> nothing, before what was meant */
final class NoRule extends Rule {
  NoRule() {
    super(Slot.word(Role.NONE), Slot.word(Role.COMMA));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() == 0) {
      out.accept(new Contribution.Together(List.of()));
    }
  }
}
