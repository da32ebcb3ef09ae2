package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "summer 2025", "last summer" [season] [year] -> that season; without a year the newest one that
 * has begun, or, for "last", the one before this year's
 */
final class SeasonRule extends Rule {
  SeasonRule() {
    super(
        Slot.word(Role.LAST, Role.THIS).maybe(),
        Slot.a(Meaning.SeasonName.class),
        Slot.a(Phrase.Time.class, Times::isYear).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String season = match.get(1, Meaning.SeasonName.class).season();
    if (match.has(2)) {
      if (!match.has(0)) {
        out.accept(
            new Phrase.Time(
                new Period.InSeason(season, Times.year(match.get(2, Phrase.Time.class))), true));
      }
      return;
    }
    int year =
        match.isWord(0, Role.LAST)
            ? scope.periods().lastSeason(season)
            : scope.periods().latestSeason(season);
    out.accept(new Phrase.Time(new Period.InSeason(season, year), match.has(0)));
  }
}
