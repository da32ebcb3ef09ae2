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

/** "rated 1 or 2" [number column] [whole number] [or] [the next] -> rows with one of them */
final class ColumnEitherRule extends Rule {
  ColumnEitherRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Meaning.NumberWord.class),
        Slot.word(Role.OR),
        Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    BigDecimal one = match.get(1, Meaning.NumberWord.class).number();
    BigDecimal other = match.get(3, Meaning.NumberWord.class).number();
    boolean neighbours =
        one.stripTrailingZeros().scale() <= 0
            && one.subtract(other).abs().compareTo(BigDecimal.ONE) == 0;
    if (neighbours && scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.Compare(
                  column, Filter.Comparison.BETWEEN, one.min(other), Optional.of(one.max(other)))));
    }
  }
}
