package org.ropebridge.reading.rule;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "median lead time" [statistics] [metric that is an average of a column] -> those statistics of
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
    List<Phrase.Statistic> statistics = match.get(0, Phrase.Statistics.class).statistics();
    Optional<ColumnRef> column = scope.averagedBy(match.get(1, Meaning.MetricName.class).metric());
    boolean others = statistics.stream().allMatch(s -> OTHERS.contains(s.kind()));
    if (column.isPresent() && others) {
      out.accept(
          new Contribution.Measures(
              statistics.stream()
                  .<Measure>map(s -> new Measure.Statistic(s.kind(), column.get(), s.percentile()))
                  .distinct()
                  .toList()));
    }
  }
}
