package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "lots collected by each collector", "closed accounts" [date column, as a participle] -> rows for
 * which the date has come
 */
final class DoneRule extends Rule {
  DoneRule() {
    super(Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return -0.95;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(0, Meaning.ColumnName.class).column();
    if (!match.isParticiple(0) || !scope.isTemporal(date) || date.role().isPresent()) {
      return;
    }
    out.accept(
        Relations.rowsDone(match, 0, scope)
            .<Part>map(Contribution.Noun::new)
            .orElseGet(() -> new Contribution.Narrowing(new Filter.Missing(date, true), true)));
  }
}
