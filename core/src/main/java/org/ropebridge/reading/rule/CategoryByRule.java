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
 * "claim status by branch" [category] [by] [something to group by] -> how many rows of each, by
 * that
 */
final class CategoryByRule extends Rule {
  CategoryByRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.word(Role.BY), Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    Grouping by = match.get(2, Phrase.Groupable.class).grouping();
    boolean category =
        scope.holds(column, Column.Holds.CATEGORY) && !scope.model().namesItsTable(column);
    if (match.start() == 0 && category && !by.equals(new Grouping.ByColumn(column))) {
      out.accept(
          new Contribution.Together(
              List.of(
                  new Contribution.Groupings(List.of(by, new Grouping.ByColumn(column))),
                  Contribution.Measures.of(new Measure.RowCount(column.table())))));
    }
  }
}
