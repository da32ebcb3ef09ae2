package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "the biggest drop in guest nights" [superlative] [movement] [measure] -> what ranks the groups
 */
final class BiggestDriftRule extends Rule {
  BiggestDriftRule() {
    super(
        Slot.a(Meaning.SuperlativeWord.class, Meaning.SuperlativeWord::isOfAnything),
        Slot.a(Part.class, p -> p instanceof Meaning.DriftWord || p instanceof Meaning.MoveWord),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Operands::isOperand).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(2) && !match.has(3)) {
      return;
    }
    Optional<Meaning.DriftWord> drift = match.find(1, Meaning.DriftWord.class);
    boolean growth =
        match
            .find(1, Meaning.MoveWord.class)
            .filter(m -> m.move() == Measure.Move.GROWTH)
            .isPresent();
    if (drift.isEmpty() && !growth) {
      return;
    }
    out.accept(
        new Contribution.Drifted(
            drift.map(Meaning.DriftWord::way).orElse(Contrast.MORE),
            growth ? Measure.Move.GROWTH : Measure.Move.CHANGE,
            match.find(3, Part.class).map(Operands::of),
            Optional.of(match.get(0, Meaning.SuperlativeWord.class).most()),
            Optional.empty()));
  }
}
