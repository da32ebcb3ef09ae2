package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "orders with a voucher" [with a] [column, in the singular] -> rows that have a value; of a
 * number, one above nothing
 */
final class WithSomeRule extends Rule {
  WithSomeRule() {
    super(Slot.word(Role.WITH_A), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    boolean some =
        !match.isPlural(1)
            && !scope.holds(column, Column.Holds.YES_NO)
            && !scope.model().namesItsTable(column);
    if (some && scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.Compare(
                  column, Filter.Comparison.MORE_THAN, BigDecimal.ZERO, Optional.empty())));
    } else if (some) {
      out.accept(new Contribution.Narrowing(new Filter.Missing(column, true)));
    }
  }
}
