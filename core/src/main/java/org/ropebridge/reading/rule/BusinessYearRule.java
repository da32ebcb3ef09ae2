package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;

/** "business year 2026" [business year] [year] -> the business year that ends in that year */
final class BusinessYearRule extends Rule {
  BusinessYearRule() {
    super(
        Slot.a(Meaning.TimeUnitWord.class, u -> u.grouping() == TimeUnit.BUSINESS_YEAR),
        Slot.a(Phrase.Time.class, Times::isYear));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    LocalDate first = scope.periods().businessYear(Times.year(match.get(1, Phrase.Time.class)));
    out.accept(Times.said(Period.Unit.BUSINESS_YEAR, first));
  }
}
