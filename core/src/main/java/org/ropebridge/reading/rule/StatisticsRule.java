package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "average", "min, max and average" [statistic] [and] [statistics] -> the statistics together */
final class StatisticsRule extends Rule {
  StatisticsRule() {
    super(
        Slot.a(Meaning.StatisticWord.class),
        Slot.word(Role.AND, Role.COMMA).maybe(),
        Slot.a(Phrase.Statistics.class).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) && !match.has(2)) {
      return;
    }
    List<Phrase.Statistic> all = new ArrayList<>();
    all.add(new Phrase.Statistic(match.get(0, Meaning.StatisticWord.class).kind(), 0));
    match.find(2, Phrase.Statistics.class).ifPresent(more -> all.addAll(more.statistics()));
    out.accept(new Phrase.Statistics(all));
  }
}
