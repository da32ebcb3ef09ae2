package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "how many different wardens" [how many] [different] [column] -> the number of different values
 */
final class DistinctValuesRule extends Rule {
  DistinctValuesRule() {
    super(
        Slot.word(Role.COUNT, Role.UNIQUE),
        Slot.word(Role.DIFFERENT).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    boolean countable =
        scope.model().column(column).holds() == Column.Holds.CATEGORY
            || match.has(1) && !scope.isTemporal(column);
    if (countable && !scope.model().namesItsTable(column)) {
      out.accept(Contribution.Measures.of(new Measure.DistinctValues(column)));
    }
  }
}
