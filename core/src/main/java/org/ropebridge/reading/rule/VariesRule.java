package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/** "how much does party size vary" [number column] [vary] -> its standard deviation */
final class VariesRule extends Rule {
  VariesRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.word(Role.VARY));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    if (scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.STANDARD_DEVIATION, column)));
    }
  }
}
