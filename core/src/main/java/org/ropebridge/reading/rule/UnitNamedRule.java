package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/**
 * "the year 2025", "in the years 2024 and 2025", "the whole of May" [entire] [unit of time] [period
 * of such units] -> that period
 */
final class UnitNamedRule extends Rule {
  UnitNamedRule() {
    super(
        Slot.word(Role.ENTIRE).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb() && u.period().isPresent()).maybe(),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time time = match.get(2, Phrase.Time.class);
    boolean named =
        match
            .find(1, Meaning.TimeUnitWord.class)
            .map(u -> isOf(time.period(), u.period().orElseThrow(), scope))
            .orElse(match.has(0));
    if (named) {
      out.accept(time);
    }
  }

  private static boolean isOf(Period period, Period.Unit unit, Scope scope) {
    if (period instanceof Period.Span span) {
      return span.unit() == unit;
    }
    DayRange days = scope.periods().resolve(period);
    return period instanceof Period.Range
        && days.first().isPresent()
        && days.end().isPresent()
        && days.first().get().equals(scope.periods().start(unit, days.first().get()))
        && days.end().get().equals(scope.periods().start(unit, days.end().get()));
  }
}
