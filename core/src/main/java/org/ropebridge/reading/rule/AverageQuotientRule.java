package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "average revenue per stay" [average] [one measure per another] -> the quotient, which is an
 * average already
 */
final class AverageQuotientRule extends Rule {
  AverageQuotientRule() {
    super(
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE),
        Slot.a(Contribution.Measures.class, AverageQuotientRule::isQuotient));
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(match.get(1, Contribution.Measures.class));
  }

  private static boolean isQuotient(Contribution.Measures measures) {
    return measures.measures().size() == 1
        && measures.measures().get(0) instanceof Measure.Arithmetic a
        && a.operator() == Measure.Operator.DIVIDED_BY;
  }
}
