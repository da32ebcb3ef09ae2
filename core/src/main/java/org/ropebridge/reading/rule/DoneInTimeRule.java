package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "delivered in April" [date column, as a participle] [time] -> rows with that date in the time,
 * although their status may be called so as well
 */
final class DoneInTimeRule extends Rule {
  DoneInTimeRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Contribution.Narrowing.class, n -> n.filter() instanceof Filter.InPeriod));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(0, Meaning.ColumnName.class).column();
    Filter.InPeriod time = (Filter.InPeriod) match.get(1, Contribution.Narrowing.class).filter();
    boolean own = scope.datesOf(date.table()).contains(date);
    if (match.isParticiple(0)
        && scope.isTemporal(date)
        && !own
        && date.role().isEmpty()
        && time.date().isEmpty()) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.InPeriod(time.period(), Optional.of(date), time.negated())));
    }
  }
}
