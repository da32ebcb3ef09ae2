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
  HalfOfMonthRule() {
    super(
        Slot.a(
            Part.class,
            p -> p instanceof Meaning.OrdinalWord || p.equals(new Meaning.FunctionWord(Role.LAST))),
        Slot.word(Role.HALF),
        Slot.a(Part.class, Times::isTimeOrUnit));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Phrase.Time> whole =
        Times.timeOrUnit(match.get(2, Part.class), Period.Unit.WEEK, scope);
    Optional<LocalDate> first = whole.flatMap(w -> scope.periods().resolve(w.period()).first());
    int place = match.find(0, Meaning.OrdinalWord.class).map(Meaning.OrdinalWord::number).orElse(2);
    if (first.isEmpty() || place > 2) {
      return;
    }
    DayRange days = scope.periods().resolve(whole.get().period());
    LocalDate month = first.get();
    if (!days.equals(DayRange.of(month.withDayOfMonth(1), month.withDayOfMonth(1).plusMonths(1)))) {
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

  private static final int MIDDLE = 15;
}
