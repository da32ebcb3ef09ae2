package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "for the hut with the lowest occupancy" [of] [ranking by its own measure] -> only those groups
 */
final class OfRankedRule extends Rule {
  OfRankedRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Contribution.Ranked.class, r -> r.by().isPresent() && r.what().isPresent()));
  }

  @Override
  public double bonus() {
    return -0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.OfRanked(match.get(1, Contribution.Ranked.class)));
  }
}
