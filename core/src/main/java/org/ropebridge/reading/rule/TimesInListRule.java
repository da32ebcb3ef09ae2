package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "July and August", "January and March 2025", "May of 2024 and 2025" [time] [and] [time] -> both
 * as one stretch, or without what lies between
 */
final class TimesInListRule extends Rule {
  TimesInListRule() {
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
    Times.adjoining(first, two, scope)
        .or(() -> Times.adjoining(two, first, scope))
        .<Part>map(t -> t)
        .or(() -> Times.apart(first, List.of(scope.periods().resolve(two.period())), scope))
        .ifPresent(out);
  }
}
