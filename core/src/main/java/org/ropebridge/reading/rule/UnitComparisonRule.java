package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "more than 3 nights": the unit says which column is meant [comparison with unit] -> keeps rows
 * whose number in that unit compares so
 */
final class UnitComparisonRule extends Rule {
  UnitComparisonRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Columns.inUnit(match.get(1, Phrase.Comparing.class), scope, out);
  }
}
