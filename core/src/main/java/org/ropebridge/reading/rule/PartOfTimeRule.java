package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Back;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/**
 * "the first 3 months of 2026", "last week of May", "second month of the year" [first or last]
 * [number] [unit of time] [longer time] -> so many units at that end of it, or the one at that
 * place
 */
final class PartOfTimeRule extends Rule {
  PartOfTimeRule() {
    super(
        Slot.a(Part.class, Times::isPlace),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb() && u.period().isPresent()),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Times::isTimeOrUnit));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Period.Unit unit = match.get(2, Meaning.TimeUnitWord.class).period().orElseThrow();
    int count = Times.count(match, 1, 1);
    boolean last = match.isWord(0, Role.LAST);
    int place = match.find(0, Meaning.OrdinalWord.class).map(Meaning.OrdinalWord::number).orElse(1);
    Optional<Phrase.Time> whole = Times.timeOrUnit(match.get(4, Part.class), unit, scope);
    if (count == 0 || whole.isEmpty() || match.has(1) && place != 1) {
      return;
    }
    DayRange days = scope.periods().resolve(whole.get().period());
    if (days.first().isEmpty() || days.end().isEmpty()) {
      return;
    }
    Back units = new Back(count, unit);
    LocalDate first =
        last
            ? days.end().get().minus(units.steps(), units.step())
            : days.first().get().plus((long) units.steps() * (place - 1), units.step());
    LocalDate end = first.plus(units.steps(), units.step());
    boolean within =
        !first.isBefore(days.first().get())
            && !end.isAfter(days.end().get())
            && !(first.equals(days.first().get()) && end.equals(days.end().get()));
    if (within) {
      out.accept(new Phrase.Time(Times.stretch(first, end, scope), true));
    }
  }
}
