package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "stays with 3 nights", "stays for 2 nights" [preposition] [amount with unit] -> keeps rows with
 * just that number in that unit
 */
final class UnitEqualsRule extends Rule {
  UnitEqualsRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Amount.class, amount -> amount.unit().isPresent()));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Amount amount = match.get(1, Phrase.Amount.class);
    for (ColumnRef column : scope.columnsIn(amount.unit().orElseThrow())) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.Compare(
                  column, Filter.Comparison.EQUAL_TO, amount.number(), Optional.empty())));
    }
  }
}
