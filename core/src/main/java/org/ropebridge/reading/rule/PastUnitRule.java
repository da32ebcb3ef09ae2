package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "over the past year", "in the past week" [past] [unit of time] -> as long a time up to today, in
 * the unit below; of years and quarters, whole months
 */
final class PastUnitRule extends Rule {
  PastUnitRule() {
    super(
        Slot.word(Role.PAST),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.period().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isPlural(1)) {
      return;
    }
    Optional<Period.Relative> period =
        switch (match.get(1, Meaning.TimeUnitWord.class).period().orElseThrow()) {
          case YEAR, BUSINESS_YEAR -> months(12);
          case HALF -> months(6);
          case QUARTER -> months(3);
          case MONTH -> Optional.of(Period.Relative.last(30, Period.Unit.DAY));
          case WEEK -> Optional.of(Period.Relative.last(7, Period.Unit.DAY));
          case DAY -> Optional.empty();
        };
    period.ifPresent(p -> out.accept(new Phrase.Time(p, true)));
  }

  private static Optional<Period.Relative> months(int count) {
    return Optional.of(Period.Relative.last(count, Period.Unit.MONTH));
  }
}
