package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "share please", "the share of each" [share] [each] -> the numbers of before as parts of the whole
 */
final class ShareAloneRule extends Rule {
  ShareAloneRule() {
    super(Slot.word(Role.SHARE), Slot.word(Role.EVERY, Role.THOSE).maybe());
  }

  @Override
  public double bonus() {
    return -0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.InShares(Optional.empty()));
  }
}
