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
 * "rated 1 or 2", "with 1 or 2 stars", "rated 1 or 2 stars" [number column] [whole number] [or]
 * [the next] [number column] -> rows with one of them
 */
final class ColumnEitherRule extends Rule {
  ColumnEitherRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.WITH).maybe(),
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.a(Meaning.NumberWord.class),
        Slot.word(Role.OR),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.ColumnName.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> before = match.find(1, Meaning.ColumnName.class).map(n -> n.column());
    Optional<ColumnRef> behind = match.find(5, Meaning.ColumnName.class).map(n -> n.column());
    if (before.isEmpty() && behind.isEmpty()
        || before.isPresent() && behind.isPresent() && !before.equals(behind)) {
      return;
    }
    ColumnRef column = before.or(() -> behind).get();
    if (before.isEmpty() && Columns.isCalledByUnit(column, scope)) {
      return;
    }
    BigDecimal one = match.get(2, Meaning.NumberWord.class).number();
    BigDecimal other = match.get(4, Meaning.NumberWord.class).number();
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
