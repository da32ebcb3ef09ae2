package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "worth more than 20 euros" [cost, weigh ...] [comparison with unit] -> rows that come to so much
 */
final class AmountsToAloneRule extends Rule {
  AmountsToAloneRule() {
    super(Slot.word(Role.AMOUNTS_TO), Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Columns.inUnit(match.get(1, Phrase.Comparing.class), scope, out);
  }
}
