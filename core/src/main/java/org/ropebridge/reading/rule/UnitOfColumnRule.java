package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "more than two people in the household" [comparison with unit] [column in that unit] -> rows
 * whose number in it compares so
 */
final class UnitOfColumnRule extends Rule {
  UnitOfColumnRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.WITH).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(3, Meaning.ColumnName.class).column();
    Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
    if (scope.model().column(column).unit().equals(comparing.unit())) {
      out.accept(new Contribution.Narrowing(comparing.of(column)));
    }
  }
}
