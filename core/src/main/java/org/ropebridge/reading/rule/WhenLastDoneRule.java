package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "when was the last invoice paid" [when] [was] [last] [noun] [date of what was done to its rows]
 * -> the end of those dates
 */
final class WhenLastDoneRule extends Rule {
  WhenLastDoneRule() {
    super(
        Slot.word(Role.WHEN),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.NEWEST, Role.OLDEST, Role.LAST, Role.FIRST),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(4, Meaning.ColumnName.class).column();
    boolean own = date.table().equals(match.get(3, Meaning.RowNoun.class).table());
    if (own && scope.isTemporal(date) && !match.isPlural(3)) {
      boolean newest = match.isWord(2, Role.NEWEST) || match.isWord(2, Role.LAST);
      out.accept(
          Contribution.Measures.of(
              Measure.Statistic.of(newest ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM, date)));
    }
  }
}
