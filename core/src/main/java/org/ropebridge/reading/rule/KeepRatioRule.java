package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "supply cost is more than 10% of revenue" [measure] [comparison in percent] [measure] -> keeps
 * groups whose ratio compares so
 */
final class KeepRatioRule extends Rule {
  KeepRatioRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().equals(Optional.of(Keeps.PERCENT))),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 1.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Operands.together(
            Measure.Operator.DIVIDED_BY,
            match.get(1, Part.class),
            match.get(4, Part.class),
            BigDecimal.ONE)
        .map(p -> ((Contribution.Measures) p).measures().get(0))
        .ifPresent(
            ratio ->
                out.accept(
                    new Contribution.Keeping(
                        Keeps.compared(ratio, match.get(3, Phrase.Comparing.class), scope)
                            .orElseThrow(),
                        false)));
  }
}
