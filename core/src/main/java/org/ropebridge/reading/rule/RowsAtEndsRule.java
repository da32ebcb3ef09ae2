package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "bills with the 5 highest amounts" [noun] [with] [number] [superlative] [number column] -> rows
 * at that end of the column
 */
final class RowsAtEndsRule extends Rule {
  RowsAtEndsRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION, Role.WITH),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.SuperlativeWord.class, Meaning.SuperlativeWord::isOfAnything),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    ColumnRef column = match.get(4, Meaning.ColumnName.class).column();
    int count = Times.count(match, 2, 0);
    if (count >= 1 && column.table().equals(table) && scope.holds(column, Column.Holds.NUMBER)) {
      boolean most = match.get(3, Meaning.SuperlativeWord.class).most();
      out.accept(new Contribution.EndRows(table, new Listing.Order(column, most), count));
    }
  }
}
