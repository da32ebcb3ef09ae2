package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "last month", "past 4 quarters", "last 30 days" [last] [number] [unit of time] -> whole units
 * before this one; of days, up to today
 */
final class LastUnitsRule extends Rule {
  LastUnitsRule() {
    super(
        Slot.word(Role.LAST),
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
      out.accept(new Phrase.Time(Period.Relative.last(count, unit), true));
    }
  }
}
