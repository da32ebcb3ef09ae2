package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "which huts lost guest nights", "grew in revenue" [movement] [measure] -> what is told of the
 * groups
 */
final class DriftRule extends Rule {
  DriftRule() {
    super(
        Slot.a(Meaning.DriftWord.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Operands::isOperand).maybe());
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) && !match.has(2)) {
      return;
    }
    out.accept(
        new Contribution.Drifted(
            match.get(0, Meaning.DriftWord.class).way(),
            Measure.Move.CHANGE,
            match.find(2, Part.class).map(Operands::of),
            Optional.empty(),
            Optional.empty()));
  }
}
