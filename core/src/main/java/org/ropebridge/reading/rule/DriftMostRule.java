package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "grew the most", "fell most in revenue" [movement] [most] [measure] -> what ranks the groups */
final class DriftMostRule extends Rule {
  DriftMostRule() {
    super(
        Slot.a(Meaning.DriftWord.class),
        Slot.a(Meaning.SuperlativeWord.class, DriftMostRule::isOfMovement),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Operands::isOperand).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(2) && !match.has(3)) {
      return;
    }
    out.accept(
        new Contribution.Drifted(
            match.get(0, Meaning.DriftWord.class).way(),
            Measure.Move.CHANGE,
            match.find(3, Part.class).map(Operands::of),
            Optional.of(match.get(1, Meaning.SuperlativeWord.class).most()),
            Optional.empty()));
  }

  private static boolean isOfMovement(Meaning.SuperlativeWord word) {
    return word.dimension().equals("amount") || word.dimension().equals("speed");
  }
}
