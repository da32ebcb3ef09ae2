package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "top 5 huts by 2025 revenue" [ranking] [by] [time] [measure] -> the ranking by that measure, then
 */
final class RankedByInTimeRule extends Rule {
  RankedByInTimeRule() {
    super(
        Slot.a(Contribution.Ranked.class, r -> r.by().isEmpty()),
        Slot.word(Role.BY),
        Slot.a(Phrase.Time.class),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Together(
            List.of(
                match
                    .get(0, Contribution.Ranked.class)
                    .by(Rankings.measure(match.get(3, Part.class))),
                new Contribution.Narrowing(
                    new Filter.InPeriod(
                        match.get(2, Phrase.Time.class).period(), Optional.empty(), false)))));
  }
}
