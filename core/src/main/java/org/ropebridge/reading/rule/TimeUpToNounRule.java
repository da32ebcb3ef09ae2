package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "first reply time", "median resolution time" [statistic] [date at which something was done]
 * [time] -> how long rows took up to it, on average where nothing is said
 */
final class TimeUpToNounRule extends Rule {
  TimeUpToNounRule() {
    super(
        Slot.a(Meaning.StatisticWord.class).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.DURATION_NOUN));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(1, Meaning.ColumnName.class).column();
    Measure.Kind kind =
        match
            .find(0, Meaning.StatisticWord.class)
            .map(Meaning.StatisticWord::kind)
            .orElse(Measure.Kind.AVERAGE);
    if (scope.isTemporal(date) && kind != Measure.Kind.PERCENTILE) {
      scope
          .durationUpTo(date)
          .map(d -> Contribution.Measures.of(Measure.Statistic.of(kind, d)))
          .ifPresent(out);
    }
  }
}
