package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "the 1990s" [year] [s] -> ten years */
final class DecadeRule extends Rule {
  DecadeRule() {
    super(Slot.a(Meaning.NumberWord.class, DecadeRule::isDecade), Slot.word(Role.DECADE));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int year = match.get(0, Meaning.NumberWord.class).number().intValue();
    out.accept(
        new Phrase.Time(
            new Period.Range(
                Optional.of(LocalDate.of(year, 1, 1)), Optional.of(LocalDate.of(year + 9, 12, 31))),
            true));
  }

  private static boolean isDecade(Meaning.NumberWord word) {
    int year = Times.smallWhole(word.number());
    return year >= 1500 && year <= 2200 && year % 10 == 0;
  }
}
