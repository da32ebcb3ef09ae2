package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "oldest crew member by hiring date" [rows at an end] [by] [column of theirs] -> at that end of
 * the column
 */
final class EndRowsByRule extends Rule {
  EndRowsByRule() {
    super(Slot.a(Contribution.EndRows.class), Slot.word(Role.BY), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.EndRows rows = match.get(0, Contribution.EndRows.class);
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    boolean ordered = scope.holds(column, Column.Holds.NUMBER) || scope.isTemporal(column);
    if (ordered && column.table().equals(rows.table())) {
      out.accept(
          new Contribution.EndRows(
              rows.table(), new Listing.Order(column, rows.order().descending()), rows.count()));
    }
  }
}
