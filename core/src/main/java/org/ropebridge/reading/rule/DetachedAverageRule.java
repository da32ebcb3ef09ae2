package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "how long are stays in Larkspur on average" [on average] -> what is asked for is an average */
final class DetachedAverageRule extends Rule {
  DetachedAverageRule() {
    super(Slot.word(Role.ON_AVERAGE));
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.OnAverage());
  }
}
