package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how long were they", "how long did they last" [how long] [those] [last] -> what measures the
 * rows of the answer before
 */
final class HowLongThoseRule extends Rule {
  HowLongThoseRule() {
    super(
        Slot.a(Meaning.HowWord.class), Slot.word(Role.THOSE).maybe(), Slot.word(Role.LAST).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.HowMeasured(match.get(0, Meaning.HowWord.class)));
  }
}
