package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "next week", "the next 3 months" [next] [number] [unit of time] -> units after the one that holds
 * today
 */
final class NextUnitRule extends Rule {
  NextUnitRule() {
    super(
        Slot.word(Role.NEXT),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.period().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Period.Unit unit = match.get(2, Meaning.TimeUnitWord.class).period().orElseThrow();
    int count = Times.count(match, 1, 1);
    if (count >= 1) {
      out.accept(new Phrase.Time(Period.Relative.next(count, unit), true));
    }
  }
}
