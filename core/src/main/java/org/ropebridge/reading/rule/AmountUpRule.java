package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "amount from 10 up" [from] [amount] [up] -> so much or more */
final class AmountUpRule extends Rule {
  AmountUpRule() {
    super(
        Slot.word(Role.FROM, Role.PREPOSITION),
        Slot.a(Phrase.Amount.class),
        Slot.word(Role.UP_FROM));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Amount amount = match.get(1, Phrase.Amount.class);
    out.accept(
        new Phrase.Comparing(
            Filter.Comparison.AT_LEAST, amount.number(), Optional.empty(), amount.unit()));
  }
}
