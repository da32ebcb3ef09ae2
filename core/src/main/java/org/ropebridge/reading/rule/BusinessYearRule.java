package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;

/** "business year 2026" [business year] [year] -> the business year that ends in that year */
final class BusinessYearRule extends Rule {
  static final int CENTURY = 2000;

  BusinessYearRule() {
    super(
        Slot.a(Meaning.TimeUnitWord.class, u -> u.grouping() == TimeUnit.BUSINESS_YEAR),
        Slot.a(Part.class, BusinessYearRule::isYear));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int year =
        match
            .find(1, Phrase.Time.class)
            .map(Times::year)
            .orElseGet(
                () -> CENTURY + match.get(1, Meaning.NumberWord.class).number().intValueExact());
    LocalDate first = scope.periods().businessYear(year);
    out.accept(Times.said(Period.Unit.BUSINESS_YEAR, first));
  }

  private static boolean isYear(Part part) {
    return part instanceof Phrase.Time time && Times.isYear(time)
        || part instanceof Meaning.NumberWord number
            && Times.smallWhole(number.number()) > 0
            && Times.smallWhole(number.number()) < 100;
  }
}
