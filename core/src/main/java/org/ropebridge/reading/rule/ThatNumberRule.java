package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "is that more than last year" [that, behind the first word] -> the number of before */
final class ThatNumberRule extends Rule {
  ThatNumberRule() {
    super(Slot.word(Role.THAT));
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() == 1) {
      out.accept(new Contribution.ThatNumber());
    }
  }
}
