package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/**
 * "month of booking date", "booking month" [unit of time] [date column] -> that unit of that date,
 * to group by
 */
final class UnitOfDateRule extends Rule {
  UnitOfDateRule() {
    super(Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb()), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.42;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    if (scope.isTemporal(column)) {
      out.accept(
          new Phrase.Groupable(
              new Grouping.ByTime(
                  match.get(0, Meaning.TimeUnitWord.class).grouping(), Optional.of(column))));
    }
  }
}
