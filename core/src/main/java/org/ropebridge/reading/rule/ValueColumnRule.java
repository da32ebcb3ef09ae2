package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;

/** "Larkspur altitude" [value that names rows] [column of theirs] -> those rows with the column */
final class ValueColumnRule extends Rule {
  ValueColumnRule() {
    super(Slot.a(Phrase.Values.class), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    boolean own = column.role().isEmpty() && !Columns.isTotal(List.of(column), scope);
    if (own && match.adjoins(1)) {
      Columns.ofNamed(match.get(0, Phrase.Values.class), column, scope).ifPresent(out);
    }
  }
}
