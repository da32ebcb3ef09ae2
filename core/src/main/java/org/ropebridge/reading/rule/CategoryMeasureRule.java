package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "channel revenue", "hut kind occupancy" [category] [measure] -> the measure for each of its
 * values
 */
final class CategoryMeasureRule extends Rule {
  CategoryMeasureRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    Measure measure = match.get(1, Contribution.Measures.class).measures().get(0);
    boolean category =
        scope.holds(column, Column.Holds.CATEGORY) && !scope.model().namesItsTable(column);
    if (category && !match.isPlural(0) && match.adjoins(1) && scope.always(measure, column)) {
      out.accept(new Contribution.Ordered(new Grouping.ByColumn(column), List.of(measure)));
    }
  }
}
