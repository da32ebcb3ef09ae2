package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;

/** "quarters are enough" [unit of time, of several] -> by that */
final class UnitAloneRule extends Rule {
  UnitAloneRule() {
    super(Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb()));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isPlural(0)) {
      out.accept(
          new Contribution.Groupings(
              List.of(
                  new Grouping.ByTime(
                      match.get(0, Meaning.TimeUnitWord.class).grouping(), Optional.empty()))));
    }
  }
}
