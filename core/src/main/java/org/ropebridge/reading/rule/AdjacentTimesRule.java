package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "July and August", "2024 and 2025" [time] [and] [time right after it] -> both as one stretch */
final class AdjacentTimesRule extends Rule {
  AdjacentTimesRule() {
    super(Slot.a(Phrase.Time.class), Slot.word(Role.AND, Role.OR), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time one = match.get(0, Phrase.Time.class);
    Phrase.Time two = match.get(2, Phrase.Time.class);
    if (!(one.period() instanceof Period.Span first)
        || !(two.period() instanceof Period.Span second)) {
      return;
    }
    if (first.unit() != second.unit()) {
      return;
    }
    LocalDate begin = first.first();
    if (!one.yearSaid() && two.yearSaid()) {
      begin = begin.withYear(second.first().getYear());
    }
    Period.Span earlier = new Period.Span(first.unit(), begin);
    Optional<LocalDate> end = scope.periods().resolve(earlier).end();
    if (end.equals(Optional.of(second.first()))) {
      out.accept(
          new Phrase.Time(
              new Period.Range(Optional.of(begin), scope.periods().resolve(second).last()),
              two.yearSaid()));
    }
  }
}
