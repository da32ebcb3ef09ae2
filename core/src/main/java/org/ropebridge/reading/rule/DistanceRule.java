package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "difference of revenue from the average" [difference] [measure] [from] [level] -> how far above
 * it
 */
final class DistanceRule extends Rule {
  DistanceRule() {
    super(
        Slot.word(Role.DIFFERENCE),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.FROM, Role.TO, Role.BELOW, Role.ABOVE),
        Slot.a(Meaning.LevelWord.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Measures.of(
            new Measure.Distance(
                Operands.of(match.get(1, Part.class)),
                match.get(3, Meaning.LevelWord.class).level())));
  }
}
