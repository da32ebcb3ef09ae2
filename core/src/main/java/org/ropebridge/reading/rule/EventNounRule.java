package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "how many arrivals", "departures last week" [how many] [date column, in the plural] -> counts
 * rows by that date
 */
final class EventNounRule extends Rule {
  EventNounRule() {
    super(Slot.word(Role.COUNT).maybe(), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return -0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(1, Meaning.ColumnName.class).column();
    if (!match.isPlural(1) || !scope.isTemporal(date) || date.role().isPresent()) {
      return;
    }
    out.accept(
        scope.isMainDate(date)
            ? Contribution.Measures.of(new Measure.RowCount(date.table()))
            : new Contribution.Events(new Measure.RowCount(date.table()), date));
  }
}
