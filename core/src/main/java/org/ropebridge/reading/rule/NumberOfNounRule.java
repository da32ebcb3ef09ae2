package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "5 star ratings" [number] [number column, in the singular] [noun of its rows] -> rows with just
 * that number
 */
final class NumberOfNounRule extends Rule {
  NumberOfNounRule() {
    super(
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    String table = match.get(2, Meaning.RowNoun.class).table();
    boolean theirs = column.table().equals(table) && column.role().isEmpty();
    if (theirs && !match.isPlural(1) && scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          new Contribution.NounWith(
              table,
              new Filter.Compare(
                  column,
                  Filter.Comparison.EQUAL_TO,
                  match.get(0, Meaning.NumberWord.class).number(),
                  Optional.empty())));
    }
  }
}
