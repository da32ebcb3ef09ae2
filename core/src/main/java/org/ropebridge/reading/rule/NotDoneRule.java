package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "unpaid bills" [not done] -> rows for which the date has not come, or it is not so */
final class NotDoneRule extends Rule {
  NotDoneRule() {
    super(Slot.a(Meaning.NotDone.class));
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.NotDone.class).column();
    Filter not =
        scope.holds(column, Column.Holds.YES_NO)
            ? new Filter.IsTrue(column, true)
            : new Filter.Missing(column, false);
    out.accept(new Contribution.Narrowing(not, true));
  }
}
