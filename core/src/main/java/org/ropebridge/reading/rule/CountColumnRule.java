package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Measure;

/** "number of beds" [how many] [number column that adds up] -> its total */
final class CountColumnRule extends Rule {
  CountColumnRule() {
    super(Slot.word(Role.COUNT), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef ref = match.get(1, Meaning.ColumnName.class).column();
    Column column = scope.model().column(ref);
    boolean addsUp = column.addsUp().equals(Optional.of(Column.AddsUp.SUM));
    if (column.holds() == Column.Holds.NUMBER && addsUp) {
      out.accept(
          total(ref, Metric.AcrossTime.ADDS_UP, scope)
              .orElseGet(
                  () -> Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.SUM, ref))));
    } else if (column.addsUp().equals(Optional.of(Column.AddsUp.LAST))) {
      total(ref, Metric.AcrossTime.LAST, scope).ifPresent(out);
    }
  }

  /**
   * "how many tons are there": the metric that tells the total, or the last, of what was counted.
   */
  private static Optional<Contribution> total(
      ColumnRef counted, Metric.AcrossTime how, Scope scope) {
    List<Metric> metrics =
        scope.model().metrics().stream()
            .filter(m -> m.acrossTime() == how)
            .filter(m -> m.table().equals(Optional.of(counted.table())))
            .filter(m -> m.sql().equals("sum(" + counted.column() + ")"))
            .toList();
    return metrics.size() == 1
        ? Optional.of(Contribution.Measures.of(new Measure.MetricValue(metrics.get(0).name())))
        : Optional.empty();
  }
}
