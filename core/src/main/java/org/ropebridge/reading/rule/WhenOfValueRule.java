package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

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
    ColumnRef date = match.get(2, Meaning.ColumnName.class).column();
    if (scope.isTemporal(date)) {
      Columns.ofNamed(match.get(1, Phrase.Values.class), date, scope).ifPresent(out);
    }
  }
}
