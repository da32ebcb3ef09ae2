package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "10 huts with the highest altitude", "hut with most beds" [number] [noun] [with] [superlative]
 * [column] -> rows at that end of the column
 */
final class RowsByColumnRule extends Rule {
  RowsByColumnRule() {
    super(
        Slot.word(Role.WHICH).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.PREPOSITION, Role.BE).maybe(),
        Slot.a(Meaning.SuperlativeWord.class),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(2, Meaning.RowNoun.class).table();
    ColumnRef column = match.get(5, Meaning.ColumnName.class).column();
    int count = Rankings.wanted(match, 1, 2);
    boolean most = match.get(4, Meaning.SuperlativeWord.class).most();
    boolean ordered = scope.holds(column, Column.Holds.NUMBER) || scope.isTemporal(column);
    if (count >= 1 && column.table().equals(table) && ordered) {
      out.accept(new Contribution.EndRows(table, new Listing.Order(column, most), count));
    }
  }
}
