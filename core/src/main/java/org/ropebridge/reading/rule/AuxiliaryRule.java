package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "did Larkspur have callouts" [did, as the first word] -> the answer is yes or no */
final class AuxiliaryRule extends Rule {
  AuxiliaryRule() {
    super(Slot.word(Role.AUXILIARY));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() == 0) {
      out.accept(new Contribution.YesOrNo());
    }
  }
}
