package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "stays versus callouts", "revenue against cost" [measure] [versus] [measure] -> both */
final class MeasuresVersusRule extends Rule {
  MeasuresVersusRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.VERSUS),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure one = Operands.of(match.get(0, Part.class));
    Measure two = Operands.of(match.get(2, Part.class));
    if (!one.equals(two)) {
      out.accept(new Contribution.Measures(List.of(one, two)));
    }
  }
}
