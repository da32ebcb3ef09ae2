package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "the median instead", "average of these" [statistic] [of these] -> another statistic of the same
 * column
 */
final class StatisticAloneRule extends Rule {
  StatisticAloneRule() {
    super(Slot.a(Meaning.StatisticWord.class), Slot.word(Role.THOSE).maybe());
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
