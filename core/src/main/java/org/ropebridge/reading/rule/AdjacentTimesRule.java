package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "July and August", "this year and last year" [time] [and] [time right beside it] -> both as one
 * stretch
 */
final class AdjacentTimesRule extends Rule {
  AdjacentTimesRule() {
    super(
        Slot.a(Phrase.Time.class),
        Slot.word(Role.AND, Role.OR, Role.COMMA),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time one = match.get(0, Phrase.Time.class);
    Phrase.Time two = Times.after(match.get(2, Phrase.Time.class), one, scope);
    Phrase.Time first = Times.inListWith(one, two, scope);
    Times.adjoining(first, two, scope).or(() -> Times.adjoining(two, first, scope)).ifPresent(out);
  }
}
