package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "when was Larkspur opened" [when] [values that name rows] [date of theirs] -> those rows with the
 * date
 */
final class WhenOfValueRule extends Rule {
  WhenOfValueRule() {
    super(Slot.word(Role.WHEN), Slot.a(Phrase.Values.class), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    ColumnRef date = match.get(2, Meaning.ColumnName.class).column();
    boolean theirs = date.table().equals(values.column().table()) && scope.isTemporal(date);
    if (theirs && scope.model().namesItsTable(values.column())) {
      out.accept(
          new Contribution.Rows(
              date.table(),
              List.of(values.column(), date),
              List.of(new Filter.InValues(values.column(), values.stored(), false))));
    }
  }
}
