package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/** "where revenue fell the most" [measure] [movement] [most] -> what is told of the groups */
final class MeasureDriftRule extends Rule {
  MeasureDriftRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.a(Meaning.DriftWord.class),
        Slot.a(Meaning.SuperlativeWord.class, s -> s.dimension().equals("amount")).maybe());
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Drifted(
            match.get(1, Meaning.DriftWord.class).way(),
            Measure.Move.CHANGE,
            Optional.of(Operands.of(match.get(0, Part.class))),
            match.find(2, Meaning.SuperlativeWord.class).map(Meaning.SuperlativeWord::most),
            Optional.empty()));
  }
}
