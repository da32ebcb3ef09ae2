package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "excluding the best hut by revenue", "without the top 3 huts" [without] [ranking] -> rows of none
 * of them
 */
final class ExceptRankedRule extends Rule {
  ExceptRankedRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.LACKING),
        Slot.a(Contribution.Ranked.class, r -> r.what().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.OfRanked(match.get(1, Contribution.Ranked.class), true));
  }
}
