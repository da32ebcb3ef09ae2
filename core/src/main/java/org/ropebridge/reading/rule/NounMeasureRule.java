package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "valley revenue", "hut occupancy" [noun] [measure] -> the measure for each of what the noun names
 */
final class NounMeasureRule extends Rule {
  NounMeasureRule() {
    super(
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByColumn),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping.ByColumn what = (Grouping.ByColumn) match.get(0, Phrase.Groupable.class).grouping();
    Measure measure = match.get(1, Contribution.Measures.class).measures().get(0);
    boolean names = scope.model().namesItsTable(what.column());
    if (names && !match.isPlural(0) && match.adjoins(1) && scope.always(measure, what.column())) {
      out.accept(new Contribution.GroupsTold(what, measure));
    }
  }
}
