package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "refunds by channel as a share of revenue" [as a share of] [measure], apart from what is divided
 * -> divides it
 */
final class AsShareOfApartRule extends Rule {
  AsShareOfApartRule() {
    super(Slot.word(Role.AS_SHARE_OF), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.DividedBy(Operands.of(match.get(1, Part.class))));
  }
}
