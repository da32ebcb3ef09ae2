package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "repairs not finished", "bills that were not paid yet" [not] [date column, as a participle] ->
 * rows for which the date has not come
 */
final class NotYetRule extends Rule {
  NotYetRule() {
    super(Slot.word(Role.BE).maybe(), Slot.word(Role.NOT), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(2, Meaning.ColumnName.class).column();
    // Those who did not book an ad have none: rows do not wait for their own date.
    boolean open = scope.isTemporal(date) && !scope.isMainDate(date);
    if (match.isParticiple(2) && open && date.role().isEmpty()) {
      out.accept(new Contribution.Narrowing(new Filter.Missing(date, false)));
    }
  }
}
