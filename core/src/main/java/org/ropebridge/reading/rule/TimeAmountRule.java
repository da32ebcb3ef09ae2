package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;

/**
 * "a week", "90 minutes" [number] [unit of time] -> as many of the units that the model counts time
 * in
 */
final class TimeAmountRule extends Rule {
  TimeAmountRule() {
    super(
        Slot.a(Meaning.ComparisonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(
            Meaning.TimeUnitWord.class,
            u -> u.period().filter(p -> p != Period.Unit.YEAR).isPresent()));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing.ofSpans(
        match.get(0, Meaning.ComparisonWord.class).comparison(),
        match.find(1, Meaning.NumberWord.class),
        match.get(2, Meaning.TimeUnitWord.class),
        scope,
        out);
  }
}
