package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;

/**
 * "Q3 2025", "Q3" [quarter] [year] -> that quarter; without a year the newest one that has begun
 */
final class QuarterRule extends Rule {
  QuarterRule() {
    super(Slot.a(Meaning.QuarterWord.class), Slot.a(Phrase.Time.class, Times::isYear).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int month = match.get(0, Meaning.QuarterWord.class).quarter() * 3 - 2;
    out.accept(Times.partOfYear(Period.Unit.QUARTER, month, match, 1, scope));
  }
}
