package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "huts by altitude descending" [noun] [by] [number or date of it] [direction] -> its rows in that
 * order
 */
final class RowsOrderedRule extends Rule {
  RowsOrderedRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BY),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.COMMA).maybe(),
        Slot.a(Meaning.DirectionWord.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    boolean own =
        column.role().isEmpty()
            && column.table().equals(match.get(0, Meaning.RowNoun.class).table());
    if (own && (scope.holds(column, Column.Holds.NUMBER) || scope.isTemporal(column))) {
      boolean descending = match.get(4, Meaning.DirectionWord.class).descending();
      out.accept(
          new Contribution.FirstRows(new Listing.Order(column, descending), Optional.empty()));
    }
  }
}
