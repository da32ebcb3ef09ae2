package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "this year to date", "year to date", "ytd", "this month so far" [this] [unit of time] [to date]
 * -> from the beginning of the unit to today
 */
final class ToDateRule extends Rule {
  ToDateRule() {
    super(
        Slot.word(Role.THIS).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.period().isPresent()),
        Slot.word(Role.TO_DATE));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Phrase.Time(
            new Period.ToDate(match.get(1, Meaning.TimeUnitWord.class).period().orElseThrow()),
            true));
  }
}
