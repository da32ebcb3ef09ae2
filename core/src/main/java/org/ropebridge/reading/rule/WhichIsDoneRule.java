package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "through which channel do members book" [which] [column] [do] [noun] [noun of the column's rows,
 * as what is done] -> those rows by the column
 */
final class WhichIsDoneRule extends Rule {
  WhichIsDoneRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.word(Role.WHICH),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.AUXILIARY).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    String who = match.get(4, Meaning.RowNoun.class).table();
    String table = match.get(5, Meaning.RowNoun.class).table();
    boolean done = !match.isPlural(5) && match.isPlural(4) && scope.pointsAt(table, who);
    if (done && column.table().equals(table) && !scope.isTemporal(column)) {
      out.accept(Contribution.rowsBy(column));
    }
  }
}
