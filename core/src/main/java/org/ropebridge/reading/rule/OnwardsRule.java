package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "from May on", "2024 onwards", "from March 2025 until now" [from] [time] [on] -> from its first
 * day on
 */
final class OnwardsRule extends Rule {
  OnwardsRule() {
    super(
        Slot.word(Role.FROM, Role.SINCE, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Time.class),
        Slot.word(Role.ONWARDS, Role.TO_DATE));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean from = match.isWord(0, Role.FROM) || match.isWord(0, Role.SINCE);
    if (match.isWord(2, Role.TO_DATE) && !from) {
      return;
    }
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
