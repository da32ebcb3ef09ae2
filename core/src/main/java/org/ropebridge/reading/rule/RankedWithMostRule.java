package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "top 5 huts with the highest occupancy" [ranking] [with] [superlative] [measure] -> the ranking
 * by that measure, from the end that is said
 */
final class RankedWithMostRule extends Rule {
  RankedWithMostRule() {
    super(
        Slot.a(Contribution.Ranked.class, r -> r.by().isEmpty() && r.percent().isEmpty()),
        Slot.word(Role.PREPOSITION, Role.HAVE).maybe(),
        Slot.a(Part.class, Rankings::isEnd),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Ranked ranked = match.get(0, Contribution.Ranked.class);
    if (Rankings.fits(match.get(2, Part.class), match.get(3, Part.class), scope)) {
      out.accept(
          new Contribution.Ranked(
              Rankings.direction(match.get(2, Part.class)),
              ranked.count(),
              ranked.what(),
              Optional.of(Rankings.measure(match.get(3, Part.class)))));
    }
  }
}
