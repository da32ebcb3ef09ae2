package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "how much did we pay in March", where invoices have an amount and a payment date [how much did
 * we] [date of what was done] -> the money of those rows, in times of that date
 */
final class HowMuchPaidRule extends Rule {
  HowMuchPaidRule() {
    super(Slot.word(Role.HOW_MUCH_DONE), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(1, Meaning.ColumnName.class).column();
    if (scope.isTemporal(date) && date.role().isEmpty()) {
      Columns.totalMoney(date.table(), scope)
          .ifPresent(total -> out.accept(new Contribution.Events(total, date)));
    }
  }
}
