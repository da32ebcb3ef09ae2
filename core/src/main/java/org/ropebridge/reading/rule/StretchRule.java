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
    DayRange from = scope.periods().resolve(match.get(0, Phrase.Time.class).period());
    DayRange to = scope.periods().resolve(match.get(2, Phrase.Time.class).period());
    // "this month to today" is no stretch from its end.
    boolean apart =
        from.first().isPresent()
            && to.first().isPresent()
            && !to.first().equals(from.first())
            && !from.overlaps(to);
    if (apart && (match.has(1) || match.isDashed(2))) {
      Times.fromTo(match.get(0, Phrase.Time.class), match.get(2, Phrase.Time.class), scope)
          .ifPresent(out);
    }
  }
}
