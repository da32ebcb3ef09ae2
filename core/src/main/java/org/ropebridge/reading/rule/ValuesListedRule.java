package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "list inspectors", "which channels are there" [list] [category, in the plural] -> its values,
 * with how many rows each has
 */
final class ValuesListedRule extends Rule {
  ValuesListedRule() {
    super(Slot.word(Role.LIST, Role.WHICH, Role.LIST_OF), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    boolean listed =
        match.isPlural(1)
            && scope.holds(column, Column.Holds.CATEGORY)
            && !scope.model().namesItsTable(column);
    if (listed) {
      out.accept(
          new Contribution.Ordered(
              new Grouping.ByColumn(column), List.of(new Measure.RowCount(column.table()))));
    }
  }
}
