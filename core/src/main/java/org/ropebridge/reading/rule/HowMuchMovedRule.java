package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "by how much did revenue fall", "how many percent did revenue rise from May to June" [by how
 * much] [measure] [movement] -> its change, or its growth
 */
final class HowMuchMovedRule extends Rule {
  HowMuchMovedRule() {
    super(
        Slot.word(Role.BY_HOW_MUCH, Role.BY_HOW_MANY_PERCENT),
        Slot.a(Contribution.Measures.class, Operands::isOperand),
        Slot.a(Part.class, p -> p instanceof Meaning.DriftWord || p instanceof Meaning.MoveWord));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Move move =
        match.isWord(0, Role.BY_HOW_MUCH) ? Measure.Move.CHANGE : Measure.Move.GROWTH;
    out.accept(new Contribution.Moved(move, Operands.of(match.get(1, Part.class))));
  }
}
