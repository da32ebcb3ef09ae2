package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "total instead of average" [statistic] [instead of] [statistic] -> the one for the other */
final class InsteadOfStatisticRule extends Rule {
  InsteadOfStatisticRule() {
    super(
        Slot.a(Meaning.StatisticWord.class),
        Slot.word(Role.INSTEAD_OF),
        Slot.a(Meaning.StatisticWord.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.OtherStatistic(match.get(0, Meaning.StatisticWord.class).kind()));
  }
}
