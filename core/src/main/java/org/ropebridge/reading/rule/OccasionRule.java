package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "the Lantern Week 2025", "last Lantern Week" [occasion] [year] -> that occasion; without a year
 * the newest one that has begun
 */
final class OccasionRule extends Rule {
  OccasionRule() {
    super(
        Slot.word(Role.LAST, Role.THIS).maybe(),
        Slot.a(Meaning.OccasionName.class),
        Slot.a(Phrase.Time.class, Times::isYear).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String name = match.get(1, Meaning.OccasionName.class).occasion();
    Optional<Integer> newest = scope.periods().latestOccasion(name);
    if (match.has(2)) {
      Period period = new Period.During(name, Times.year(match.get(2, Phrase.Time.class)));
      if (!match.has(0) && Times.exists(period, scope)) {
        out.accept(new Phrase.Time(period, true));
      }
    } else if (newest.isPresent()) {
      Period period = new Period.During(name, newest.get() - (match.isWord(0, Role.LAST) ? 1 : 0));
      if (Times.exists(period, scope)) {
        out.accept(new Phrase.Time(period, match.has(0)));
      }
    }
  }
}
