package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;

/**
 * "quarter 2 of 2025" [quarter] [its number] [year] -> that quarter; without a year the newest one
 * that has begun
 */
final class QuarterNumberRule extends Rule {
  QuarterNumberRule() {
    super(
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb() && u.grouping() == TimeUnit.QUARTER),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Phrase.Time.class, Times::isYear).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int quarter = Times.count(match, 1, 0);
    if (quarter >= 1 && quarter <= 4) {
      out.accept(Times.partOfYear(Period.Unit.QUARTER, quarter * 3 - 2, match, 2, scope));
    }
  }
}
