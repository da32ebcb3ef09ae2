package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "which channels are most common" [which] [column] [is] [most common] -> its values that most rows
 * have
 */
final class ColumnMostCommonRule extends Rule {
  ColumnMostCommonRule() {
    super(
        Slot.word(Role.WHICH).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.CommonWord.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    if (!scope.model().namesItsTable(column) && scope.holds(column, Column.Holds.CATEGORY)) {
      boolean most = match.get(3, Meaning.CommonWord.class).most();
      out.accept(
          new Contribution.Ranked(
              most ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM,
              match.isPlural(1) ? Contribution.Ranked.SEVERAL : 1,
              Optional.of(new Grouping.ByColumn(column)),
              Optional.of(new Measure.RowCount(column.table()))));
    }
  }
}
