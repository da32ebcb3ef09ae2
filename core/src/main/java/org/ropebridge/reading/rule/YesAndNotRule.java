package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/**
 * "clinical and non-clinical departments" [yes or no] [and] [not] [the same] [noun] -> to group by
 * it
 */
final class YesAndNotRule extends Rule {
  YesAndNotRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.AND, Role.OR, Role.VERSUS),
        Slot.word(Role.NOT, Role.EXCLUDING),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    if (scope.holds(column, Column.Holds.YES_NO)
        && column.equals(match.get(3, Meaning.ColumnName.class).column())) {
      out.accept(new Phrase.Groupable(new Grouping.ByColumn(column)));
    }
  }
}
