package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "reported more than a week after the accident" [date] [comparison with a time] [after] [another
 * date of the same rows] -> rows whose one date came so long after the other
 */
final class SoLongAfterDateRule extends Rule {
  SoLongAfterDateRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()),
        Slot.word(Role.AFTER, Role.BEFORE),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
    DateAfterDateRule.after(match, 2, 3, scope)
        .filter(span -> scope.model().column(span).unit().equals(comparing.unit()))
        .ifPresent(span -> out.accept(new Contribution.Narrowing(comparing.of(span))));
  }
}
