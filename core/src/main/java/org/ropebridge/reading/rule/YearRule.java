package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;

/** "2025" [number that can be a year] -> that year */
final class YearRule extends Rule {
  YearRule() {
    super(Slot.a(Meaning.NumberWord.class));
  }

  private static final int FIRST = 1900;
  private static final int LAST = 2100;

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal number = match.get(0, Meaning.NumberWord.class).number();
    boolean isYear =
        number.scale() <= 0
            && number.compareTo(BigDecimal.valueOf(FIRST)) >= 0
            && number.compareTo(BigDecimal.valueOf(LAST)) <= 0;
    if (isYear) {
      LocalDate first = LocalDate.of(number.intValueExact(), 1, 1);
      out.accept(new Phrase.Time(new Period.Span(Period.Unit.YEAR, first), true));
    }
  }
}
