package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "older than 60" [time of a beginning] -> what began then */
final class BeganRule extends Rule {
  BeganRule() {
    super(Slot.a(Phrase.Began.class));
  }

  @Override
  public double bonus() {
    return 0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Began began = match.get(0, Phrase.Began.class);
    for (ColumnRef date : scope.beginnings()) {
      out.accept(narrowing(began, Optional.of(date)));
    }
    if (scope.beginnings().isEmpty() || !began.inYears()) {
      out.accept(narrowing(began, Optional.empty()));
    }
  }

  private static Contribution narrowing(Phrase.Began began, Optional<ColumnRef> date) {
    return new Contribution.Narrowing(new Filter.InPeriod(began.period(), date, false));
  }
}
