package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "average", "min, max and average" [statistic] [and] [statistics] -> the statistics together */
final class StatisticsRule extends Rule {
  StatisticsRule() {
    super(
        Slot.a(Part.class, StatisticsRule::isStatistic),
        Slot.word(Role.AND, Role.COMMA).maybe(),
        Slot.a(Phrase.Statistics.class).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part first = match.get(0, Part.class);
    boolean ofMany = match.has(1) && match.has(2);
    if (match.has(1) && !match.has(2) || first instanceof Meaning.SuperlativeWord && !ofMany) {
      return;
    }
    List<Phrase.Statistic> all = new ArrayList<>();
    all.add(new Phrase.Statistic(kind(first), 0));
    match.find(2, Phrase.Statistics.class).ifPresent(more -> all.addAll(more.statistics()));
    out.accept(new Phrase.Statistics(all));
  }

  private static boolean isStatistic(Part part) {
    return part instanceof Meaning.StatisticWord
        || part instanceof Meaning.SuperlativeWord word && word.isOfAnything();
  }

  /** The statistic that a word asks for: "highest" is the maximum. */
  static Measure.Kind kind(Part word) {
    return word instanceof Meaning.StatisticWord statistic
        ? statistic.kind()
        : ((Meaning.SuperlativeWord) word).most() ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM;
  }
}
