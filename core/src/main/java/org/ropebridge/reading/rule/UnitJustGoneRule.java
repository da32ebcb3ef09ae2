package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "the month just gone" [unit of time] [just gone] -> the last one */
final class UnitJustGoneRule extends Rule {
  UnitJustGoneRule() {
    super(Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb()), Slot.word(Role.JUST_GONE));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    match
        .get(0, Meaning.TimeUnitWord.class)
        .period()
        .ifPresent(u -> out.accept(new Phrase.Time(Period.Relative.ago(1, u), true)));
  }
}
