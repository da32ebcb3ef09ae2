package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Filter;

/** "unpaid bills" [not done] -> rows for which the date has not come */
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
    out.accept(
        new Contribution.Narrowing(
            new Filter.Missing(match.get(0, Meaning.NotDone.class).column(), false), true));
  }
}
