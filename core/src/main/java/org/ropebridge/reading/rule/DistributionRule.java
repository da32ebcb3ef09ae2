package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/** "distribution of party size" [distribution] [column] -> rows by each value */
final class DistributionRule extends Rule {
  DistributionRule() {
    super(Slot.word(Role.DISTRIBUTION), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    if (!scope.isTemporal(column) && column.role().isEmpty()) {
      out.accept(
          new Contribution.Ordered(
              new Grouping.ByColumn(column), List.of(new Measure.RowCount(column.table()))));
    }
  }
}
