package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "cumulative revenue", "running total of stays" [cumulative] [measure] -> the sum so far */
final class CumulativeRule extends Rule {
  CumulativeRule() {
    super(Slot.word(Role.CUMULATIVE), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Measures.of(new Measure.Cumulative(Operands.of(match.get(1, Part.class)))));
  }
}
