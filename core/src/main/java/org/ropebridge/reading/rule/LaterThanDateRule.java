package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "delivered after the promised date", "booked before arrival" [date] [after] [another date of the
 * same rows] -> rows whose one date came after the other
 */
final class LaterThanDateRule extends Rule {
  LaterThanDateRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.AFTER, Role.BEFORE),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    DateAfterDateRule.after(match, 1, 2, scope)
        .ifPresent(
            span ->
                out.accept(
                    new Contribution.Narrowing(
                        LateRule.compare(span, Filter.Comparison.MORE_THAN))));
  }
}
