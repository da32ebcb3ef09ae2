package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "late", "not on time" [not] [late] -> rows that were done after, by or before the date on which
 * they were due
 */
final class BareLateRule extends Rule {
  BareLateRule() {
    super(Slot.word(Role.NOT).maybe(), Slot.word(Role.LATE, Role.ON_TIME, Role.EARLY));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter.Comparison comparison =
        LateRule.comparison(match.get(1, Meaning.FunctionWord.class), match.has(0));
    scope
        .unnamedDelays()
        .forEach(
            delay ->
                out.accept(new Contribution.Narrowing(LateRule.compare(delay, comparison), true)));
  }
}
