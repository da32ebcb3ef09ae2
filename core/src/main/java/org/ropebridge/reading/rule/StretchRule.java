package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;

/**
 * "May to August 2025", "Jan-Mar", "January through March" [time] [to, or a dash] [time] -> from
 * the beginning of the first to the end of the second
 */
final class StretchRule extends Rule {
  StretchRule() {
    super(Slot.a(Phrase.Time.class), Slot.word(Role.TILL).maybe(), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.has(1) && !match.isDashed(2)) {
      return;
    }
    Phrase.Time from = match.get(0, Phrase.Time.class);
    Phrase.Time to = match.get(2, Phrase.Time.class);
    DayRange fromDays = scope.periods().resolve(from.period());
    DayRange toDays = scope.periods().resolve(to.period());
    // "this month to today" is no stretch from its end.
    boolean apart =
        fromDays.first().isPresent() && toDays.first().isPresent() && !fromDays.overlaps(toDays);
    if (apart) {
      Times.fromTo(from, to, scope).ifPresent(out);
    }
  }
}
