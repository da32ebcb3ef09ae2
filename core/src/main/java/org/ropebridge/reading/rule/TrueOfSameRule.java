package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;

/** "subscribed to the newsletter" [yes or no] [preposition] [the same, by another name] -> once */
final class TrueOfSameRule extends Rule {
  TrueOfSameRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.TO, Role.PREPOSITION),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ColumnName column = match.get(0, Meaning.ColumnName.class);
    // "answered and got an answer" are two columns: "and" is no "to".
    boolean apart = !match.isWord(1, Role.TO) || !match.adjoins(2);
    if (apart
        && scope.holds(column.column(), Column.Holds.YES_NO)
        && column.equals(match.get(2, Meaning.ColumnName.class))) {
      out.accept(column);
    }
  }
}
