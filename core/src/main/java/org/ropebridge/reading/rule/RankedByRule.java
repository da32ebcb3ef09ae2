package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "top 5 huts by revenue" [ranking] [by] [measure] -> the ranking by that measure */
final class RankedByRule extends Rule {
  RankedByRule() {
    super(
        Slot.a(Contribution.Ranked.class, r -> r.by().isEmpty()),
        Slot.word(Role.BY, Role.PREPOSITION),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        match.get(0, Contribution.Ranked.class).by(Rankings.measure(match.get(2, Part.class))));
  }
}
