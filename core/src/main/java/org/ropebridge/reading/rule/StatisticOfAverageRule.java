package org.ropebridge.reading.rule;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "median waiting time" [statistics] [metric that is an average of a column] -> those statistics of
 * the column
 */
final class StatisticOfAverageRule extends Rule {
  /** What may be asked of the column in place of its average; averages are not summed up. */
  private static final Set<Measure.Kind> OTHERS =
      EnumSet.of(
          Measure.Kind.MEDIAN, Measure.Kind.MINIMUM, Measure.Kind.MAXIMUM, Measure.Kind.PERCENTILE);

  StatisticOfAverageRule() {
    super(
        Slot.a(Phrase.Statistics.class, s -> !s.ofSize() && s.dimension().isEmpty()),
        Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Statistics asked = match.get(0, Phrase.Statistics.class);
    Optional<ColumnRef> column = scope.averagedBy(match.get(1, Meaning.MetricName.class).metric());
    if (asked.statistics().stream().allMatch(s -> OTHERS.contains(s.kind()))) {
      column.ifPresent(c -> out.accept(new Contribution.Measures(asked.of(c))));
    }
  }
}
