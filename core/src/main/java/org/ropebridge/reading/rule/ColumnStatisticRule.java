package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "average party size", "min, max and average span" [statistics] [column] -> those statistics of
 * the column
 */
final class ColumnStatisticRule extends Rule {
  ColumnStatisticRule() {
    super(Slot.a(Phrase.Statistics.class), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    String dimension = match.get(0, Phrase.Statistics.class).dimension();
    boolean number =
        scope.holds(column, Column.Holds.NUMBER) && scope.isMeasuredBy(column, dimension);
    List<Phrase.Statistic> statistics = match.get(0, Phrase.Statistics.class).statistics();
    boolean ends =
        !match.get(0, Phrase.Statistics.class).ofSize()
            && statistics.stream()
                .allMatch(
                    s -> s.kind() == Measure.Kind.MINIMUM || s.kind() == Measure.Kind.MAXIMUM);
    if (number || ends && scope.isTemporal(column)) {
      out.accept(new Contribution.Measures(match.get(0, Phrase.Statistics.class).of(column)));
    }
  }
}
