package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "tickets per genre as a percentage" [as a percentage] -> measures are told as parts of the whole
 */
final class InSharesRule extends Rule {
  InSharesRule() {
    super(Slot.word(Role.IN_SHARES));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.InShares(Optional.empty()));
  }
}
