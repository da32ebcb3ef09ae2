package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/**
 * "between May and August", "from 1 March to 12 May 2025" [between] [time] [and] [time] -> from the
 * beginning of the first to the end of the second
 */
final class TimeRangeRule extends Rule {
  TimeRangeRule() {
    super(
        Slot.word(Role.BETWEEN, Role.FROM, Role.SINCE),
        Slot.a(Phrase.Time.class),
        Slot.word(Role.TO),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time from = match.get(1, Phrase.Time.class);
    Phrase.Time to = match.get(3, Phrase.Time.class);
    DayRange fromDays = scope.periods().resolve(from.period());
    DayRange toDays = scope.periods().resolve(to.period());
    if (fromDays.first().isEmpty() || toDays.last().isEmpty()) {
      return;
    }
    LocalDate first = fromDays.first().get();
    LocalDate last = toDays.last().get();
    if (!from.yearSaid()) {
      first = first.withYear(last.getYear());
      if (first.isAfter(last)) {
        first = first.minusYears(1);
      }
    }
    if (!first.isAfter(last)) {
      out.accept(
          new Phrase.Time(new Period.Range(Optional.of(first), Optional.of(last)), to.yearSaid()));
    }
  }
}
