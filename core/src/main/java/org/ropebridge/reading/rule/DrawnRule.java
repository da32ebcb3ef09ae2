package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "draw it", "just the numbers" [draw, or no picture] -> a picture that suits, or none */
final class DrawnRule extends Rule {
  DrawnRule() {
    super(Slot.word(Role.DRAW, Role.NO_PICTURE));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Drawn(match.isWord(0, Role.DRAW)));
  }
}
