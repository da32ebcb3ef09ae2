package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;

/** "revenue per fuel type" [column of categories] [type] -> the column */
final class KindOfRule extends Rule {
  KindOfRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.word(Role.KIND));
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ColumnName column = match.get(0, Meaning.ColumnName.class);
    if (scope.holds(column.column(), Column.Holds.CATEGORY)) {
      out.accept(column);
    }
  }
}
