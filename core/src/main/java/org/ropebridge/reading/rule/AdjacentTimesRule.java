package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/** "July and August", "2024 and 2025" [time] [and] [time right after it] -> both as one stretch */
final class AdjacentTimesRule extends Rule {
  AdjacentTimesRule() {
    super(
        Slot.a(Phrase.Time.class),
        Slot.word(Role.AND, Role.OR, Role.COMMA),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time two = match.get(2, Phrase.Time.class);
    Phrase.Time one = Times.withYearOf(match.get(0, Phrase.Time.class), two, scope);
    if (!isSpans(one.period()) || !isSpans(two.period())) {
      return;
    }
    DayRange first = scope.periods().resolve(one.period());
    DayRange second = scope.periods().resolve(two.period());
    if (first.end().isPresent() && first.end().equals(second.first())) {
      out.accept(new Phrase.Time(new Period.Range(first.first(), second.last()), two.yearSaid()));
    }
  }

  private static boolean isSpans(Period period) {
    return period instanceof Period.Span || period instanceof Period.Range;
  }
}
