package org.ropebridge.reading.rule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "last weekend" [last] [weekend] -> the newest Saturday and Sunday that are over */
final class LastWeekendRule extends Rule {
  LastWeekendRule() {
    super(Slot.word(Role.LAST), Slot.word(Role.WEEKEND));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    LocalDate sunday = scope.today().with(TemporalAdjusters.previous(DayOfWeek.SUNDAY));
    out.accept(
        new Phrase.Time(
            new Period.Range(Optional.of(sunday.minusDays(1)), Optional.of(sunday)), true));
  }
}
