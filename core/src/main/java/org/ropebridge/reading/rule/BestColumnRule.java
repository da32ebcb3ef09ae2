package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/** "best mark", "worst score by class" [best] [number column] -> its highest */
final class BestColumnRule extends Rule {
  BestColumnRule() {
    super(Slot.a(Meaning.JudgementWord.class), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    // The best price is mostly the lowest, but not to whom it is paid.
    boolean money = scope.model().column(column).unit().filter(scope::isMoney).isPresent();
    boolean number = scope.holds(column, Column.Holds.NUMBER) && !money;
    // "worst rated firm" asks for the firm.
    if (number && match.adjoins(1) && !match.isPlural(1) && !match.isParticiple(1)) {
      boolean good = match.get(0, Meaning.JudgementWord.class).good();
      out.accept(
          Contribution.Measures.of(
              Measure.Statistic.of(good ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM, column)));
    }
  }
}
