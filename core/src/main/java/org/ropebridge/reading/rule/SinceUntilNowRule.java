package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "from March 2025 until now" [from] [time] [until now] -> from its first day on */
final class SinceUntilNowRule extends Rule {
  SinceUntilNowRule() {
    super(
        Slot.word(Role.FROM, Role.SINCE, Role.PREPOSITION, Role.BETWEEN),
        Slot.a(Phrase.Time.class),
        Slot.word(Role.TO_DATE));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time time = match.get(1, Phrase.Time.class);
    scope
        .periods()
        .resolve(time.period())
        .first()
        .ifPresent(
            d ->
                out.accept(
                    new Phrase.Time(
                        new Period.Range(Optional.of(d), Optional.empty()), time.yearSaid())));
  }
}
