package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Measure;

/**
 * "is Larkspur the highest hut", "is Quill the oldest hut" [is] [value] [the first row by a column]
 * -> its place by that column
 */
final class IsFirstByRule extends Rule {
  IsFirstByRule() {
    super(
        Slot.word(Role.BE),
        Slot.a(Phrase.Values.class, Rankings::isOne),
        Slot.a(Contribution.EndRows.class, r -> r.count() == 1 && r.order().descending()));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values one = match.get(1, Phrase.Values.class);
    Contribution.EndRows rows = match.get(2, Contribution.EndRows.class);
    boolean fits =
        scope.namingColumn(rows.table()).equals(Optional.of(one.column()))
            && scope.holds(rows.order().by(), Column.Holds.NUMBER);
    if (fits) {
      Measure by = Measure.Statistic.of(Measure.Kind.AVERAGE, rows.order().by());
      out.accept(Rankings.place(one, Optional.of(Contribution.Direction.TOP), Optional.of(by)));
    }
  }
}
