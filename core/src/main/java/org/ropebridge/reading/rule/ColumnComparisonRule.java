package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;

/** "altitude above 2000 m" [number column] [comparison] -> keeps rows whose number compares so */
final class ColumnComparisonRule extends Rule {
  ColumnComparisonRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.BY, Role.WITH_A).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Phrase.Comparing.class));
  }

  @Override
  public double bonus() {
    return 0.65;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    Phrase.Comparing comparing = match.get(2, Phrase.Comparing.class);
    boolean unitFits =
        comparing.unit().isEmpty() || comparing.unit().equals(scope.model().column(column).unit());
    if (scope.holds(column, Column.Holds.NUMBER) && unitFits) {
      out.accept(new Contribution.Narrowing(comparing.of(column)));
    }
  }
}
