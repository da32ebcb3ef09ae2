package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
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
    boolean average = statistics.stream().allMatch(s -> s.kind() == Measure.Kind.AVERAGE);
    if (column.isPresent() && !average) {
      out.accept(
          new Contribution.Measures(
              statistics.stream()
                  .<Measure>map(s -> new Measure.Statistic(s.kind(), column.get(), s.percentile()))
                  .distinct()
                  .toList()));
    }
  }
}
