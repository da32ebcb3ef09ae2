package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/**
 * "the first half of May" [first, second or last] [half] [month] -> up to its 15th, or from then on
 */
final class HalfOfMonthRule extends Rule {
  private static final int MIDDLE = 15;

  HalfOfMonthRule() {
    super(
        Slot.a(Part.class, Times::isPlace),
        Slot.word(Role.HALF),
        Slot.a(Part.class, Times::isTimeOrUnit));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<DayRange> days =
        Times.timeOrUnit(match.get(2, Part.class), Period.Unit.WEEK, scope)
            .map(w -> scope.periods().resolve(w.period()));
    Optional<LocalDate> first = days.flatMap(DayRange::first);
    int place = match.find(0, Meaning.OrdinalWord.class).map(Meaning.OrdinalWord::number).orElse(2);
    if (first.isEmpty() || place > 2) {
      return;
    }
    LocalDate month = first.get().withDayOfMonth(1);
    if (!days.get().equals(DayRange.of(month, month.plusMonths(1)))) {
      return;
    }
    LocalDate middle = month.plusDays(MIDDLE);
    out.accept(
        new Phrase.Time(
            place == 1
                ? Times.stretch(month, middle, scope)
                : Times.stretch(middle, month.plusMonths(1), scope),
            true));
  }
}
