package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "booked last week", "with booking date in July 2026" [date column] [filter by time] -> the same
 * filter on that date
 */
final class OnDateColumnRule extends Rule {
  OnDateColumnRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Contribution.Narrowing.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    if (!scope.isTemporal(column)) {
      return;
    }
    Filter filter = match.get(3, Contribution.Narrowing.class).filter();
    Filter dated = filter.onDate(column);
    if (!dated.equals(filter)) {
      out.accept(new Contribution.Narrowing(dated));
    }
  }
}
