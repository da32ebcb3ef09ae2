package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "party size 4" [number column] [amount] -> keeps rows with just that number */
final class ColumnEqualsRule extends Rule {
  ColumnEqualsRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Phrase.Amount.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    Phrase.Amount amount = match.get(2, Phrase.Amount.class);
    if (scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.Compare(
                  column, Filter.Comparison.EQUAL_TO, amount.number(), Optional.empty())));
    }
  }
}
