package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/**
 * "at the end of May 2026", "at the start of 2025" [at the end of] [period] -> its last day, or its
 * first
 */
final class EndOfRule extends Rule {
  EndOfRule() {
    super(Slot.word(Role.END_OF, Role.START_OF), Slot.a(Part.class, Times::isTimeOrUnit));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Phrase.Time> time = Times.timeOrUnit(match.get(1, Part.class), Period.Unit.DAY, scope);
    if (time.isEmpty()) {
      return;
    }
    DayRange days = scope.periods().resolve(time.get().period());
    Optional<LocalDate> day = match.isWord(0, Role.END_OF) ? days.last() : days.first();
    day.ifPresent(d -> out.accept(Times.said(Period.Unit.DAY, d)));
  }
}
