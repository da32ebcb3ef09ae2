package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "party size", "supply weight" [number column] -> the statistic that its author says a bare column
 * means
 */
final class BareColumnRule extends Rule {
  BareColumnRule() {
    super(Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return -0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef ref = match.get(0, Meaning.ColumnName.class).column();
    Column column = scope.model().column(ref);
    if (column.holds() == Column.Holds.NUMBER) {
      column
          .addsUp()
          .filter(a -> a == Column.AddsUp.SUM || a == Column.AddsUp.AVERAGE)
          .map(a -> a == Column.AddsUp.SUM ? Measure.Kind.SUM : Measure.Kind.AVERAGE)
          .ifPresent(
              kind ->
                  out.accept(
                      new Contribution.Measures(List.of(Measure.Statistic.of(kind, ref)), true)));
    }
  }
}
