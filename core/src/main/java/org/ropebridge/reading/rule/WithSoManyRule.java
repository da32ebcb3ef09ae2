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
 * "flats with three rooms" [with] [number] [number column, in the plural or after one] -> rows with
 * just so many
 */
final class WithSoManyRule extends Rule {
  WithSoManyRule() {
    super(
        Slot.word(Role.WITH, Role.HAVING),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    Meaning.NumberWord number = match.get(1, Meaning.NumberWord.class);
    boolean one = number.number().compareTo(BigDecimal.ONE) == 0;
    boolean counted =
        scope.model().column(column).unit().filter(scope.dimensions()::isKnown).isEmpty();
    if (counted && scope.holds(column, Column.Holds.NUMBER) && (match.isPlural(2) || one)) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.Compare(
                  column, Filter.Comparison.EQUAL_TO, number.number(), Optional.empty())));
    }
  }
}
