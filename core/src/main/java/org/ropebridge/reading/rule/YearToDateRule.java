package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "ytd", "mtd" [year to date] -> from the first day of the unit to today */
final class YearToDateRule extends Rule {
  YearToDateRule() {
    super(
        Slot.word(Role.YEAR_TO_DATE, Role.QUARTER_TO_DATE, Role.MONTH_TO_DATE, Role.WEEK_TO_DATE));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Period.Unit unit =
        switch (match.get(0, Meaning.FunctionWord.class).role()) {
          case QUARTER_TO_DATE -> Period.Unit.QUARTER;
          case MONTH_TO_DATE -> Period.Unit.MONTH;
          case WEEK_TO_DATE -> Period.Unit.WEEK;
          default -> Period.Unit.YEAR;
        };
    out.accept(new Phrase.Time(new Period.ToDate(unit), true));
  }
}
