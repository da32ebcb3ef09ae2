package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/** "revenue by hut minus website" [minus] [values] -> no rows with them */
final class MinusValuesRule extends Rule {
  MinusValuesRule() {
    super(
        Slot.a(Meaning.OperatorWord.class, o -> o.operator() == Measure.Operator.MINUS),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    if (!match.isDashed(0)) {
      out.accept(new Contribution.Narrowing(values.filter(true)));
    }
  }
}
