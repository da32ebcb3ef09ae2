package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "does altitude affect occupancy" [measure] [affect] [measure] -> how closely both go together */
final class AffectRule extends Rule {
  AffectRule() {
    super(
        Slot.a(Part.class, Operands::isOperandOrColumn),
        Slot.word(Role.AFFECT),
        Slot.a(Part.class, Operands::isOperandOrColumn));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Measure.Plain> first = Operands.find(match.get(0, Part.class), scope);
    Optional<Measure.Plain> second = Operands.find(match.get(2, Part.class), scope);
    if (first.isEmpty() || second.isEmpty() || first.equals(second)) {
      return;
    }
    Operands.commonParts(first.get(), second.get(), scope)
        .ifPresent(
            parts ->
                out.accept(
                    Contribution.Measures.of(
                        new Measure.Correlation(first.get(), second.get(), parts))));
  }
}
