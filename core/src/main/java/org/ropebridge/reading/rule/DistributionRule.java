package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
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
    of(match.get(1, Meaning.ColumnName.class).column(), scope).ifPresent(out);
  }

  /** Rows by each value of a column; empty of times, and of columns by a role. */
  static Optional<Part> of(ColumnRef column, Scope scope) {
    return scope.isTemporal(column) || column.role().isPresent()
        ? Optional.empty()
        : Optional.of(
            new Contribution.Ordered(
                new Grouping.ByColumn(column), List.of(new Measure.RowCount(column.table()))));
  }
}
