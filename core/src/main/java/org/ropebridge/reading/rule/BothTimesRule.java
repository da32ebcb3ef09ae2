package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Period;

/**
 * "stayed in both 2024 and 2025" [both] [two times] -> rows of the one time and rows of the other
 */
final class BothTimesRule extends Rule {
  BothTimesRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.word(Role.BOTH),
        Slot.a(Phrase.Time.class),
        Slot.word(Role.AND),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.BothOf(
            in(match.get(2, Phrase.Time.class).period()),
            in(match.get(4, Phrase.Time.class).period())));
  }

  private static Filter in(Period period) {
    return new Filter.InPeriod(period, Optional.empty(), false);
  }
}
