package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "monthly average revenue" [adverb of time] [average] [metric that adds up, or noun] -> the
 * average over those spans
 */
final class SpansAverageOfRule extends Rule {
  SpansAverageOfRule() {
    super(
        Slot.a(Meaning.TimeUnitWord.class, Meaning.TimeUnitWord::adverb),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Plain of = Operands.of(match.get(2, Part.class));
    if (of instanceof Measure.Basic && MeasureTables.addsUp(of, scope.model())) {
      out.accept(Operands.averageOverSpans(match, 2, 0));
    }
  }
}
