package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/**
 * "joining year", "booking date month" [date column] [unit of time] -> that unit of that date, to
 * group by
 */
final class DateUnitRule extends Rule {
  DateUnitRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb()));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    if (scope.isTemporal(column)) {
      out.accept(
          new Phrase.Groupable(
              new Grouping.ByTime(
                  match.get(1, Meaning.TimeUnitWord.class).grouping(), Optional.of(column))));
    }
  }
}
