package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "the 5 highest purchase prices" [number] [superlative] [number] [column of numbers] -> the rows
 * at that end of the column
 */
final class SeveralHighestRule extends Rule {
  SeveralHighestRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.SuperlativeWord.class, s -> !s.dimension().equals("amount")),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(3, Meaning.ColumnName.class).column();
    Meaning.SuperlativeWord word = match.get(1, Meaning.SuperlativeWord.class);
    boolean fits =
        match.has(0) != match.has(2)
            && column.role().isEmpty()
            && scope.holds(column, Column.Holds.NUMBER)
            && (word.isOfAnything()
                || scope.dimensions().measures(scope.model().column(column), word.dimension()));
    int count = fits ? Rankings.wanted(match, match.has(0) ? 0 : 2, 3) : 0;
    if (count > 0) {
      out.accept(
          new Contribution.EndRows(column.table(), new Listing.Order(column, word.most()), count));
    }
  }
}
