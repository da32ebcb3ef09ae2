package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "share of revenue", "what percent of stays" [share] [measure or noun] -> a part of it; of which
 * whole is seen when all is read
 */
final class ShareOfRule extends Rule {
  ShareOfRule() {
    super(Slot.word(Role.SHARE), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.ShareOf(Operands.of(match.get(1, Part.class)), Optional.empty()));
  }
}
