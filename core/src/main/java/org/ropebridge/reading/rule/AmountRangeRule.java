package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "1500-2000 m", "two to four nights" [amount] [to, or a dash] [amount with unit] -> a comparison
 * that waits for its column
 */
final class AmountRangeRule extends Rule {
  AmountRangeRule() {
    super(
        Slot.a(Phrase.Amount.class),
        Slot.word(Role.TILL).maybe(),
        Slot.a(Phrase.Amount.class, a -> a.unit().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Amount low = match.get(0, Phrase.Amount.class);
    Phrase.Amount high = match.get(2, Phrase.Amount.class);
    boolean oneUnit = low.unit().isEmpty() || low.unit().equals(high.unit());
    boolean range = match.has(1) || match.isDashed(2);
    if (range && oneUnit && low.number().compareTo(high.number()) <= 0) {
      out.accept(
          new Phrase.Comparing(
              Filter.Comparison.BETWEEN, low.number(), Optional.of(high.number()), high.unit()));
    }
  }
}
