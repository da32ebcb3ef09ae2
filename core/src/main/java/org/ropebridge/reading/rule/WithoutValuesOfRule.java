package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "without channel website" [without] [column or noun] [values of it] -> leaves out rows with those
 * values
 */
final class WithoutValuesOfRule extends Rule {
  WithoutValuesOfRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.LACKING),
        Slot.a(Part.class, ValuesOfColumnRule::isHolder),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ValuesOfColumnRule.narrowing(match, 1, 2, true, scope).ifPresent(out);
  }
}
