package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "vs Brannick" [versus] [values] -> the values beside those of before */
final class BesideRule extends Rule {
  BesideRule() {
    super(Slot.word(Role.VERSUS), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Beside(match.get(1, Phrase.Values.class)));
  }
}
