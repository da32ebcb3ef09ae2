package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "last year in May", "last year's Q3" [year] [in] [time without a year] -> that time of that year
 */
final class YearThenTimeRule extends Rule {
  YearThenTimeRule() {
    super(
        Slot.a(Phrase.Time.class, Times::isOneYear),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Time.class, Times::isWithoutYear));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int year = Times.startYear(match.get(0, Phrase.Time.class), scope);
    Times.inYear(match.get(2, Phrase.Time.class), year, scope).ifPresent(out);
  }
}
