package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "the median instead" [statistic] -> another statistic of the same column */
final class StatisticAloneRule extends Rule {
  StatisticAloneRule() {
    super(Slot.a(Meaning.StatisticWord.class));
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.OtherStatistic(match.get(0, Meaning.StatisticWord.class).kind()));
  }
}
