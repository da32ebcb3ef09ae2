package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "ytd" [year to date] -> from the first of January to today */
final class YearToDateRule extends Rule {
  YearToDateRule() {
    super(Slot.word(Role.YEAR_TO_DATE));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Phrase.Time(new Period.ToDate(Period.Unit.YEAR), true));
  }
}
