package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "so far this year" [to date] [this] [unit of time] -> from the beginning of the unit to today */
final class SoFarRule extends Rule {
  SoFarRule() {
    super(
        Slot.word(Role.TO_DATE),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.word(Role.THIS),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.period().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Phrase.Time(
            new Period.ToDate(match.get(3, Meaning.TimeUnitWord.class).period().orElseThrow()),
            true));
  }
}
