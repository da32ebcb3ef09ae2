package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "did guest nights go up or down" [did] [measure] [up] [or] [down] -> its change */
final class UpOrDownRule extends Rule {
  UpOrDownRule() {
    super(
        Slot.word(Role.AUXILIARY, Role.BE, Role.HAVE).maybe(),
        Slot.a(Contribution.Measures.class, Operands::isOperand),
        Slot.a(Part.class, UpOrDownRule::isWay),
        Slot.word(Role.OR),
        Slot.a(Part.class, UpOrDownRule::isWay));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Moved(Measure.Move.CHANGE, Operands.of(match.get(1, Part.class))));
  }

  private static boolean isWay(Part part) {
    return part instanceof Meaning.ComparativeWord || part instanceof Meaning.DriftWord;
  }
}
