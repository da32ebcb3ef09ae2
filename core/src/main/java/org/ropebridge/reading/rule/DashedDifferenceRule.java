package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/** "revenue - refunds" [measure] [measure behind a dash, of the same unit] -> their difference */
final class DashedDifferenceRule extends Rule {
  DashedDifferenceRule() {
    super(
        Slot.a(Contribution.Measures.class, Operands::isOperand),
        Slot.a(Contribution.Measures.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part one = match.get(0, Part.class);
    Part other = match.get(1, Part.class);
    boolean alike = scope.unitOf(Operands.of(one)).equals(scope.unitOf(Operands.of(other)));
    if (match.isDashed(1) && alike && !one.equals(other)) {
      Operands.together(Measure.Operator.MINUS, one, other, BigDecimal.ONE).ifPresent(out);
    }
  }
}
