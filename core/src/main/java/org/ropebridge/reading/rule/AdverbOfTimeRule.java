package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;

/** "monthly" [adverb of time] -> a breakdown by that unit */
final class AdverbOfTimeRule extends Rule {
  AdverbOfTimeRule() {
    super(Slot.a(Meaning.TimeUnitWord.class, Meaning.TimeUnitWord::adverb));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Groupings(
            List.of(
                new Grouping.ByTime(
                    match.get(0, Meaning.TimeUnitWord.class).grouping(), Optional.empty()))));
  }
}
