package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "distribution of stays by channel" [distribution] [measure or noun] -> the measure, whose
 * breakdown stands elsewhere
 */
final class DistributionOfRule extends Rule {
  DistributionOfRule() {
    super(Slot.word(Role.DISTRIBUTION), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(Contribution.Measures.of(Operands.of(match.get(1, Part.class))));
  }
}
