package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;

/**
 * "January and March 2025", "May of 2024 and 2025" [time] [and] [time] -> both, without what lies
 * between
 */
final class TimesApartRule extends Rule {
  TimesApartRule() {
    super(
        Slot.a(Phrase.Time.class),
        Slot.word(Role.AND, Role.OR, Role.COMMA),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.13;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time one = match.get(0, Phrase.Time.class);
    Phrase.Time two = Times.after(match.get(2, Phrase.Time.class), one, scope);
    Phrase.Time first = Times.inListWith(one, two, scope);
    List<DayRange> other = List.of(scope.periods().resolve(two.period()));
    Times.apart(first, other, scope).ifPresent(out);
  }
}
