package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "2000 m high", "more than 3 hours long" [amount or comparison with unit] [high, long ...] -> the
 * same
 */
final class SizedAmountRule extends Rule {
  SizedAmountRule() {
    super(Slot.a(Part.class, SizedAmountRule::hasUnit), Slot.word(Role.IN_SIZE));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(match.get(0, Part.class));
  }

  private static boolean hasUnit(Part part) {
    return part instanceof Phrase.Amount amount && amount.unit().isPresent()
        || part instanceof Phrase.Comparing comparing && comparing.unit().isPresent();
  }
}
