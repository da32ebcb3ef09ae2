package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "the week before last", "the summer before last" [unit of time or season] [before last] -> the
 * one before the last
 */
final class UnitBeforeLastRule extends Rule {
  UnitBeforeLastRule() {
    super(
        Slot.a(
            Part.class, p -> p instanceof Meaning.TimeUnitWord || p instanceof Meaning.SeasonName),
        Slot.word(Role.BEFORE_LAST));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.get(0, Part.class) instanceof Meaning.SeasonName name) {
      int year = scope.periods().lastSeason(name.season()) - 1;
      out.accept(new Phrase.Time(new Period.InSeason(name.season(), year), true));
      return;
    }
    match
        .get(0, Meaning.TimeUnitWord.class)
        .period()
        .ifPresent(u -> out.accept(new Phrase.Time(Period.Relative.ago(2, u), true)));
  }
}
