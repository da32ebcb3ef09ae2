package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/**
 * "this Monday", "next Friday" [this or next] [weekday] -> that day of this week, or of the next
 */
final class WeekdayOfThisRule extends Rule {
  WeekdayOfThisRule() {
    super(Slot.word(Role.THIS, Role.NEXT), Slot.a(Meaning.WeekdayWord.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    LocalDate week = scope.periods().start(Period.Unit.WEEK, scope.today());
    LocalDate day =
        week.with(TemporalAdjusters.nextOrSame(match.get(1, Meaning.WeekdayWord.class).day()));
    out.accept(Times.said(Period.Unit.DAY, match.isWord(0, Role.NEXT) ? day.plusWeeks(1) : day));
  }
}
