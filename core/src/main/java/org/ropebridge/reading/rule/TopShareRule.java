package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "top 10 % of huts", "best 20 percent of members" [share of a ranking] [of] [something to group
 * by] -> a ranking of those groups
 */
final class TopShareRule extends Rule {
  TopShareRule() {
    super(
        Slot.a(Phrase.RankShare.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Rankings.share(match, 0, Optional.of(match.get(2, Phrase.Groupable.class).grouping())));
  }
}
