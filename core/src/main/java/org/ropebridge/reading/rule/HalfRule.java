package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;

/** "H1 2025", "H2" [half] [year] -> that half; without a year the newest one that has begun */
final class HalfRule extends Rule {
  HalfRule() {
    super(Slot.a(Meaning.HalfWord.class), Slot.a(Phrase.Time.class, Times::isYear).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int month = match.get(0, Meaning.HalfWord.class).half() * 6 - 5;
    out.accept(Times.partOfYear(Period.Unit.HALF, month, match, 1, scope));
  }
}
