package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;

/**
 * "for each of 2023, 2024 and 2025", "in each of July and August" [each] [years or months] -> those
 * times, apart
 */
final class EachOfTimesRule extends Rule {
  EachOfTimesRule() {
    super(
        Slot.word(Role.EVERY),
        Slot.a(Phrase.Time.class, t -> t.period() instanceof Period.Range));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Period period = match.get(1, Phrase.Time.class).period();
    DayRange days = scope.periods().resolve(period);
    if (days.first().isEmpty() || days.end().isEmpty()) {
      return;
    }
    LocalDate first = days.first().get();
    LocalDate end = days.end().get();
    boolean years = first.getDayOfYear() == 1 && end.getDayOfYear() == 1;
    boolean months = first.getDayOfMonth() == 1 && end.getDayOfMonth() == 1;
    if (years || months) {
      Grouping by = new Grouping.ByTime(years ? TimeUnit.YEAR : TimeUnit.MONTH, Optional.empty());
      Filter in = new Filter.InPeriod(period, Optional.empty(), false);
      out.accept(
          new Contribution.Together(
              List.of(new Contribution.Narrowing(in), new Contribution.Groupings(List.of(by)))));
    }
  }
}
