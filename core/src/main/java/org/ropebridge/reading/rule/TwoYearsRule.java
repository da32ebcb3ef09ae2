package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;

/**
 * "2024/25", "winter 2024/25", "business year 2024/25" [season or business year] [two years] -> the
 * season or business year that begins in the first; both years, where no such thing is named
 */
final class TwoYearsRule extends Rule {
  TwoYearsRule() {
    super(
        Slot.a(
                Part.class,
                p ->
                    p instanceof Meaning.SeasonName
                        || p instanceof Meaning.TimeUnitWord u
                            && u.grouping() == TimeUnit.BUSINESS_YEAR)
            .maybe(),
        Slot.a(Meaning.TwoYearsWord.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int first = match.get(1, Meaning.TwoYearsWord.class).first();
    LocalDate business = scope.periods().businessYear(first + 1);
    Optional<Meaning.SeasonName> season = match.find(0, Meaning.SeasonName.class);
    if (season.isPresent()) {
      Period named = new Period.InSeason(season.get().season(), first);
      if (scope.periods().resolve(named).last().orElseThrow().getYear() > first) {
        out.accept(new Phrase.Time(named, true));
      }
    } else if (business.getYear() == first) {
      out.accept(Times.said(Period.Unit.BUSINESS_YEAR, business));
    } else if (!match.has(0)) {
      LocalDate end = LocalDate.of(first + 2, 1, 1);
      out.accept(new Phrase.Time(Times.stretch(LocalDate.of(first, 1, 1), end, scope), true));
    }
  }
}
