package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.TimeUnit;

/**
 * "under 30 euros a month" [comparison with unit] [unit of time] -> rows whose monthly amount
 * compares so
 */
final class AmountATimeRule extends Rule {
  AmountATimeRule() {
    super(
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()),
        Slot.a(Meaning.TimeUnitWord.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(0, Phrase.Comparing.class);
    TimeUnit unit = match.get(1, Meaning.TimeUnitWord.class).grouping();
    for (ColumnRef column : scope.columnsIn(comparing.unit().orElseThrow())) {
      if (unit.equals(scope.paces().get(column))) {
        out.accept(new Contribution.Narrowing(comparing.of(column)));
      }
    }
  }
}
