package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;

/** "Q3 25" [quarter] [number of two digits] -> that quarter of that year */
final class QuarterShortYearRule extends Rule {
  QuarterShortYearRule() {
    super(Slot.a(Meaning.QuarterWord.class), Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int year =
        BusinessYearRule.CENTURY
            + Times.smallWhole(match.get(1, Meaning.NumberWord.class).number());
    boolean near = Math.abs(year - scope.today().getYear()) <= MOST_YEARS_AWAY;
    if (near && match.adjoins(1)) {
      int month = match.get(0, Meaning.QuarterWord.class).quarter() * 3 - 2;
      out.accept(Times.said(Period.Unit.QUARTER, LocalDate.of(year, month, 1)));
    }
  }

  private static final int MOST_YEARS_AWAY = 30;
}
