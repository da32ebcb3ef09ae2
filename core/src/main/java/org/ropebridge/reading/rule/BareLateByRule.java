package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "more than 5 days late" [comparison with a time] [late] -> rows that were done so long after the
 * date on which they were due
 */
final class BareLateByRule extends Rule {
  BareLateByRule() {
    super(Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()), Slot.word(Role.LATE));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    LateByRule.late(Optional.empty(), match.get(0, Phrase.Comparing.class), scope, out);
  }
}
