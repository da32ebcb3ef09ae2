package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "opened and solved tickets" [own date of rows, as what was done] [and] [metric of these rows by a
 * date of its own] -> how many rows there are, and the metric
 */
final class CameAndDoneRule extends Rule {
  CameAndDoneRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.word(Role.AND), Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(0, Meaning.ColumnName.class).column();
    String name = match.get(2, Meaning.MetricName.class).metric();
    Measure metric = new Measure.MetricValue(name);
    boolean own = match.isParticiple(0) && scope.isTemporal(date) && scope.isMainDate(date);
    boolean doneThen = scope.model().metric(name).date().isPresent();
    if (own && doneThen && MeasureTables.of(metric, scope.model()).equals(Set.of(date.table()))) {
      out.accept(new Contribution.Measures(List.of(new Measure.RowCount(date.table()), metric)));
    }
  }
}
