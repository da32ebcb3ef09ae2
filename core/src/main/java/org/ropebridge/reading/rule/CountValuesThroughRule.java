package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many pensioners booked" [how many] [values, in the plural] [noun whose rows point at them]
 * -> the different ones
 */
final class CountValuesThroughRule extends Rule {
  CountValuesThroughRule() {
    super(Slot.word(Role.COUNT), Slot.a(Phrase.Values.class), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    String counted = values.column().table();
    String through = match.get(2, Meaning.RowNoun.class).table();
    boolean names = scope.model().namesItsTable(values.column());
    if (match.isPlural(1) && !names && scope.pointsAt(through, counted)) {
      out.accept(
          new Contribution.MeasureWith(
              new Measure.DistinctRows(counted, through, Optional.empty()), values.filter(false)));
    }
  }
}
