package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.TimeUnit;

/**
 * "booked per month", "flown in by year" [date column] [breakdown by time] -> the same breakdown on
 * that date
 */
final class DatedBreakdownRule extends Rule {
  DatedBreakdownRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.a(Contribution.Groupings.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    List<Grouping> groupings = match.get(1, Contribution.Groupings.class).groupings();
    boolean oneTime =
        groupings.get(0) instanceof Grouping.ByTime first
            && first.date().isEmpty()
            && groupings.size() == 1;
    if (scope.isTemporal(column) && oneTime) {
      TimeUnit unit = ((Grouping.ByTime) groupings.get(0)).unit();
      out.accept(
          new Contribution.Groupings(List.of(new Grouping.ByTime(unit, Optional.of(column)))));
    }
  }
}
