package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "growth of revenue", "change in stays" [movement] [measure] -> how it moved; since when is seen
 * when all is read
 */
final class MovedRule extends Rule {
  MovedRule() {
    super(Slot.a(Meaning.MoveWord.class), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Moved(
            match.get(0, Meaning.MoveWord.class).move(), Operands.of(match.get(1, Part.class))));
  }
}
