package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Period;

/**
 * "for each of 2023, 2024 and 2025", "in each of July and August" [each] [years or months] -> those
 * times, apart
 */
final class EachOfTimesRule extends Rule {
  EachOfTimesRule() {
    super(
        Slot.word(Role.EVERY), Slot.a(Phrase.Time.class, t -> t.period() instanceof Period.Range));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Period period = match.get(1, Phrase.Time.class).period();
    scope
        .periods()
        .resolve(period)
        .wholeUnit()
        .<Contribution>map(
            u ->
                new Contribution.Together(
                    List.of(
                        new Contribution.Narrowing(
                            new Filter.InPeriod(period, Optional.empty(), false)),
                        new Contribution.Groupings(
                            List.of(new Grouping.ByTime(u, Optional.empty()))))))
        .ifPresent(out);
  }
}
