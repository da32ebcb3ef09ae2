package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "last Tuesday" [last] [weekday] -> the newest such day before today */
final class LastWeekdayRule extends Rule {
  LastWeekdayRule() {
    super(Slot.word(Role.LAST), Slot.a(Meaning.WeekdayWord.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Times.said(
            Period.Unit.DAY, scope.periods().last(match.get(1, Meaning.WeekdayWord.class).day())));
  }
}
