package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "when did Ada Alder start" [when] [values that name rows] [start] -> those rows with their own
 * date
 */
final class WhenBeganRule extends Rule {
  WhenBeganRule() {
    super(Slot.word(Role.WHEN), Slot.a(Phrase.Values.class), Slot.word(Role.BEGIN));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    for (ColumnRef date : scope.birthOf(values.column().table())) {
      Columns.ofNamed(values, date, scope).ifPresent(out);
    }
  }
}
