package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/** "what does a mechanic earn on average" [number column] [average] -> its average */
final class ColumnOnAverageRule extends Rule {
  ColumnOnAverageRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    boolean average =
        scope.model().column(column).addsUp().filter(a -> a == Column.AddsUp.AVERAGE).isPresent();
    if (average) {
      out.accept(Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.AVERAGE, column)));
    }
  }
}
