package org.ropebridge.reading.rule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;

/**
 * "week 20", "calendar week 20 of 2026" [week] [number] [year] -> that week of the year, as ISO
 * 8601 counts them; without a year the newest that has begun
 */
final class WeekNumberRule extends Rule {
  WeekNumberRule() {
    super(
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb() && u.grouping() == TimeUnit.WEEK),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Phrase.Time.class, Times::isOneYear).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int number = Times.smallWhole(match.get(1, Meaning.NumberWord.class).number());
    if (number == 0 || !match.adjoins(1)) {
      // "the week of 5 May" has no such number.
      return;
    }
    int year =
        match
            .find(2, Phrase.Time.class)
            .map(t -> Times.startYear(t, scope))
            .orElse(scope.today().getYear());
    Optional<LocalDate> week = week(number, year);
    if (!match.has(2) && week.filter(w -> w.isAfter(scope.today())).isPresent()) {
      week = week(number, year - 1);
    }
    week.ifPresent(
        w ->
            out.accept(
                new Phrase.Time(
                    new Period.Span(Period.Unit.WEEK, scope.periods().start(Period.Unit.WEEK, w)),
                    match.has(2))));
  }

  /** Its Monday; empty when the year has not so many weeks. */
  private static Optional<LocalDate> week(int number, int year) {
    LocalDate first = LocalDate.of(year, 1, 4);
    return IsoFields.WEEK_OF_WEEK_BASED_YEAR.rangeRefinedBy(first).isValidValue(number)
        ? Optional.of(first.with(IsoFields.WEEK_OF_WEEK_BASED_YEAR, number).with(DayOfWeek.MONDAY))
        : Optional.empty();
  }
}
