package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "revenue share", "guest nights percentage" [measure] [share] -> a part of it */
final class SharedMeasureRule extends Rule {
  SharedMeasureRule() {
    super(Slot.a(Part.class, Operands::isOperand), Slot.word(Role.SHARE));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.ShareOf(Operands.of(match.get(0, Part.class)), Optional.empty()));
  }
}
