package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "in Ossel", "for website bookings", "excluding phone", "only members" [values] -> keeps, or
 * leaves out, rows with those values
 */
final class WithValuesRule extends Rule {
  WithValuesRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.ONLY).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(2, Phrase.Values.class);
    out.accept(
        new Contribution.Narrowing(
            values.filter(match.isWord(0, Role.EXCLUDING)), !match.has(0) && !match.has(1)));
  }
}
