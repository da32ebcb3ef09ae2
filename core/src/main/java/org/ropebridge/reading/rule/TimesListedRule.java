package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/**
 * "2024, 2025 and 2026", "this year and last year" [time] [and] [time right beside it] -> both as
 * one stretch
 */
final class TimesListedRule extends Rule {
  TimesListedRule() {
    super(
        Slot.a(Phrase.Time.class),
        Slot.word(Role.AND, Role.OR, Role.COMMA),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.12;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time one = match.get(0, Phrase.Time.class);
    Phrase.Time two = match.get(2, Phrase.Time.class);
    boolean spans =
        one.period() instanceof Period.Span && two.period() instanceof Period.Span
            || !one.yearSaid()
            || !two.yearSaid();
    if (spans) {
      return;
    }
    DayRange first = scope.periods().resolve(one.period());
    DayRange second = scope.periods().resolve(two.period());
    if (joins(first, second)) {
      out.accept(together(first, second));
    } else if (joins(second, first)) {
      out.accept(together(second, first));
    }
  }

  private static boolean joins(DayRange earlier, DayRange later) {
    return earlier.first().isPresent()
        && later.last().isPresent()
        && earlier.end().isPresent()
        && earlier.end().equals(later.first());
  }

  private static Phrase.Time together(DayRange earlier, DayRange later) {
    return new Phrase.Time(new Period.Range(earlier.first(), later.last()), true);
  }
}
