package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.time.Month;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "March", "March 2025", "this March", "last March" [month] [year] -> that month; without a year
 * the newest one that has begun
 */
final class MonthRule extends Rule {
  MonthRule() {
    super(
        Slot.word(Role.LAST, Role.THIS).maybe(),
        Slot.a(Meaning.MonthWord.class),
        Slot.a(Phrase.Time.class, Times::isYear).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Month month = match.get(1, Meaning.MonthWord.class).month();
    if (match.has(2)) {
      if (!match.has(0)) {
        int year = Times.year(match.get(2, Phrase.Time.class));
        out.accept(Times.said(Period.Unit.MONTH, LocalDate.of(year, month, 1)));
      }
      return;
    }
    LocalDate newest = scope.today().withDayOfMonth(1).withMonth(month.getValue());
    boolean last = match.isWord(0, Role.LAST);
    boolean thisOne = match.isWord(0, Role.THIS);
    LocalDate limit = last ? scope.today().withDayOfMonth(1).minusDays(1) : scope.today();
    if (!thisOne && newest.isAfter(limit)) {
      newest = newest.minusYears(1);
    }
    out.accept(new Phrase.Time(new Period.Span(Period.Unit.MONTH, newest), match.has(0)));
  }
}
