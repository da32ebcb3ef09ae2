package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "between 4 and 6 guests" [between] [amount] [and] [amount] -> a comparison that waits for its
 * column
 */
final class BetweenAmountsRule extends Rule {
  BetweenAmountsRule() {
    super(
        Slot.word(Role.BETWEEN, Role.FROM),
        Slot.a(Phrase.Amount.class),
        Slot.word(Role.TO, Role.TILL),
        Slot.a(Phrase.Amount.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Amount low = match.get(1, Phrase.Amount.class);
    Phrase.Amount high = match.get(3, Phrase.Amount.class);
    if (low.number().compareTo(high.number()) <= 0) {
      out.accept(
          new Phrase.Comparing(
              Filter.Comparison.BETWEEN,
              low.number(),
              Optional.of(high.number()),
              high.unit().or(low::unit)));
    }
  }
}
