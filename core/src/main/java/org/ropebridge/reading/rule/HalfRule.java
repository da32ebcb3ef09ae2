package org.ropebridge.reading.rule;

import java.time.LocalDate;
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
    int year = match.find(1, Phrase.Time.class).map(Times::year).orElse(scope.today().getYear());
    LocalDate first = LocalDate.of(year, month, 1);
    boolean ahead = !match.has(1) && first.isAfter(scope.today());
    out.accept(
        new Phrase.Time(
            new Period.Span(Period.Unit.HALF, ahead ? first.minusYears(1) : first), match.has(1)));
  }
}
