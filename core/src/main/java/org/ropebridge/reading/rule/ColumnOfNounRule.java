package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "region of the member" [column] [noun of its table] -> the column */
final class ColumnOfNounRule extends Rule {
  ColumnOfNounRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ColumnName name = match.get(0, Meaning.ColumnName.class);
    String table = match.get(1, Meaning.RowNoun.class).table();
    boolean done = match.isParticiple(0) && scope.repeats().contains(name.column());
    if (scope.isTemporal(name.column()) || done) {
      return;
    }
    if (name.column().table().equals(table) && !scope.model().namesItsTable(name.column())) {
      out.accept(name);
    }
  }
}
