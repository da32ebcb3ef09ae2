package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/** "guest nights hut 2025" [measure] [noun or category, in the singular] -> the measure for each */
final class MeasureGroupRule extends Rule {
  MeasureGroupRule() {
    super(
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()),
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByColumn));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping.ByColumn by = (Grouping.ByColumn) match.get(1, Phrase.Groupable.class).grouping();
    Measure measure = match.get(0, Contribution.Measures.class).measures().get(0);
    boolean groups =
        scope.model().namesItsTable(by.column()) || scope.holds(by.column(), Column.Holds.CATEGORY);
    if (groups && !match.isPlural(1) && match.adjoins(1) && scope.always(measure, by.column())) {
      out.accept(new Contribution.Ordered(by, List.of(measure)));
    }
  }
}
