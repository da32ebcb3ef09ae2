package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "revenue of the top 10 % of members" [of] [so many of every hundred] -> only those groups */
final class OfTopShareRule extends Rule {
  OfTopShareRule() {
    super(
        Slot.word(Role.PREPOSITION),
        Slot.a(Contribution.Ranked.class, r -> r.percent().isPresent() && r.what().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.OfRanked(match.get(1, Contribution.Ranked.class)));
  }
}
