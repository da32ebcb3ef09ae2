package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "the same in 2025", "same this year" [the same] [time] -> that time in the place of the one
 * before
 */
final class SameInTimeRule extends Rule {
  SameInTimeRule() {
    super(
        Slot.word(Role.THAT),
        Slot.a(Contribution.Narrowing.class, n -> n.filter() instanceof Filter.InPeriod));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(match.get(1, Contribution.Narrowing.class));
  }
}
