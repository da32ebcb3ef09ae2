package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Period;

/** "in each of the last 6 months" [each of] [last so many units] -> those units, apart */
final class EachOfLastRule extends Rule {
  EachOfLastRule() {
    super(
        Slot.word(Role.EACH_OF),
        Slot.word(Role.LAST),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb() && u.period().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int count = Times.count(match, 2, 0);
    if (count >= 2) {
      Meaning.TimeUnitWord unit = match.get(3, Meaning.TimeUnitWord.class);
      out.accept(
          new Contribution.Together(
              List.of(
                  new Contribution.Narrowing(
                      new Filter.InPeriod(
                          Period.Relative.last(count, unit.period().orElseThrow()),
                          Optional.empty(),
                          false)),
                  new Contribution.Groupings(
                      List.of(new Grouping.ByTime(unit.grouping(), Optional.empty()))))));
    }
  }
}
