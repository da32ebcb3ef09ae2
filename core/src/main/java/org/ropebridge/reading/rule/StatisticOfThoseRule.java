package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "the average per month", of a number before [statistic] [per] [something to group by] -> that
 * statistic over those groups
 */
final class StatisticOfThoseRule extends Rule {
  StatisticOfThoseRule() {
    super(
        Slot.a(Meaning.StatisticWord.class),
        Slot.word(Role.PER, Role.BY, Role.EVERY),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.OtherStatistic(
            match.get(0, Meaning.StatisticWord.class).kind(),
            Optional.of(match.get(2, Phrase.Groupable.class).grouping())));
  }
}
