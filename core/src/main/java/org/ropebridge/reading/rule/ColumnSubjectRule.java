package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/** "wardens with more than one hut" [column, in the plural] -> what the question is about */
final class ColumnSubjectRule extends Rule {
  ColumnSubjectRule() {
    super(Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    boolean named = scope.model().namesItsTable(column);
    if (match.isPlural(0) && !named && scope.holds(column, Column.Holds.CATEGORY)) {
      out.accept(new Contribution.Subject(new Grouping.ByColumn(column), true));
    }
  }
}
