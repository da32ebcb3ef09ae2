package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "two weeks ago", "a month ago" [number] [unit of time] [ago] -> that unit, so many before this
 * one
 */
final class AgoRule extends Rule {
  AgoRule() {
    super(
        Slot.word(Role.AGO).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class),
        Slot.word(Role.AGO).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.TimeUnitWord word = match.get(2, Meaning.TimeUnitWord.class);
    boolean counted = match.has(1) != word.adverb();
    if (match.has(0) == match.has(3) || !counted) {
      return;
    }
    int count = Times.count(match, 1, 1);
    Optional<Period.Unit> unit = word.grouping().period();
    // "a year ago" is the year before the one that is asked for.
    if (unit.isPresent() && count >= (unit.get() == Period.Unit.YEAR ? 2 : 1)) {
      out.accept(new Phrase.Time(Period.Relative.ago(count, unit.get()), true));
    }
  }
}
