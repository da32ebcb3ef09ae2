package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "this year", "current month" [this] [unit of time] -> the unit that holds today */
final class ThisUnitRule extends Rule {
  ThisUnitRule() {
    super(Slot.word(Role.THIS), Slot.a(Meaning.TimeUnitWord.class, u -> u.period().isPresent()));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Period.Unit unit = match.get(1, Meaning.TimeUnitWord.class).period().orElseThrow();
    out.accept(new Phrase.Time(Period.Relative.current(unit), true));
  }
}
