package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;

/** "within a year", "more than 2 years" [comparison] [number] [year] -> so many days */
final class YearsAmountRule extends Rule {
  private static final BigDecimal DAYS_OF_YEAR = BigDecimal.valueOf(365);

  YearsAmountRule() {
    super(
        Slot.a(Meaning.ComparisonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(
            Meaning.TimeUnitWord.class,
            u -> u.period().filter(p -> p == Period.Unit.YEAR).isPresent()));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal years =
        match
            .find(1, Meaning.NumberWord.class)
            .map(Meaning.NumberWord::number)
            .orElse(BigDecimal.ONE);
    out.accept(
        new Phrase.ComparingYears(
            match.get(0, Meaning.ComparisonWord.class).comparison(), years.multiply(DAYS_OF_YEAR)));
  }
}
