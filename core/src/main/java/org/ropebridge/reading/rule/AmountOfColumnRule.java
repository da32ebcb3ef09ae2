package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;

/**
 * "events with more than 50 attendees" [comparison] [number column] -> keeps rows whose number
 * compares so
 */
final class AmountOfColumnRule extends Rule {
  AmountOfColumnRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.HAVE, Role.SHOWING).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isEmpty()),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    if (scope.holds(column, Column.Holds.NUMBER) && !Columns.isCalledByUnit(column, scope)) {
      Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
      out.accept(new Contribution.Narrowing(comparing.of(column)));
    }
  }
}
