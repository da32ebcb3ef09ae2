package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/** "party size in steps of 2" [number column] [in steps of] [number] -> ranges to group by */
final class InStepsRule extends Rule {
  InStepsRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.word(Role.IN_STEPS), Slot.a(Phrase.Amount.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    BigDecimal width = match.get(2, Phrase.Amount.class).number();
    if (scope.holds(column, Column.Holds.NUMBER) && width.signum() > 0) {
      out.accept(new Phrase.Groupable(new Grouping.BySteps(column, width)));
    }
  }
}
