package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;

/**
 * "the monthly average", of a number before [adverb of time] [statistic] -> that statistic over
 * those spans
 */
final class SpansStatisticAloneRule extends Rule {
  SpansStatisticAloneRule() {
    super(
        Slot.a(Meaning.TimeUnitWord.class, Meaning.TimeUnitWord::adverb),
        Slot.a(Meaning.StatisticWord.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.OtherStatistic(
            match.get(1, Meaning.StatisticWord.class).kind(),
            Optional.of(
                new Grouping.ByTime(
                    match.get(0, Meaning.TimeUnitWord.class).grouping(), Optional.empty()))));
  }
}
