package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "May last year", "summer of this year" [time without a year] [in] [year] -> that time of that
 * year
 */
final class TimeOfYearRule extends Rule {
  TimeOfYearRule() {
    super(
        Slot.a(Phrase.Time.class, Times::isWithoutYear),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Time.class, Times::isOneYear));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int year = Times.startYear(match.get(2, Phrase.Time.class), scope);
    Times.inYear(match.get(0, Phrase.Time.class), year, scope).ifPresent(out);
  }
}
