package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "website bookings only" [filter] [only] -> the filter */
final class OnlyAfterRule extends Rule {
  OnlyAfterRule() {
    super(Slot.a(Contribution.Narrowing.class), Slot.word(Role.ONLY));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(match.get(0, Contribution.Narrowing.class));
  }
}
