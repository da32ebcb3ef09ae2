package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "revenue growth", "occupancy change" [measure] [movement] -> how it moved */
final class MeasureMovedRule extends Rule {
  MeasureMovedRule() {
    super(Slot.a(Part.class, Operands::isOperand), Slot.a(Meaning.MoveWord.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Moved(
            match.get(1, Meaning.MoveWord.class).move(), Operands.of(match.get(0, Part.class))));
  }
}
