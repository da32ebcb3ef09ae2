package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "top 5 huts by altitude", "bottom 3 bridges by span" [head of a ranking] [noun] [by] [number
 * column] -> rows at that end of the column
 */
final class TopRowsByColumnRule extends Rule {
  TopRowsByColumnRule() {
    super(
        Slot.a(Phrase.RankHead.class),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BY, Role.PREPOSITION),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.RankHead head = match.get(0, Phrase.RankHead.class);
    String table = match.get(1, Meaning.RowNoun.class).table();
    ColumnRef column = match.get(3, Meaning.ColumnName.class).column();
    boolean most =
        head.direction() == Contribution.Direction.TOP
            || head.direction() == Contribution.Direction.BEST;
    int count = head.count().orElse(match.isPlural(1) ? Contribution.Ranked.SEVERAL : 1);
    boolean ordered = scope.holds(column, Column.Holds.NUMBER) || scope.isTemporal(column);
    if (column.table().equals(table) && ordered) {
      out.accept(new Contribution.EndRows(table, new Listing.Order(column, most), count));
    }
  }
}
