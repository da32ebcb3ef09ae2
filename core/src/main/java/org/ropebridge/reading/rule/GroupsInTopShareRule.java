package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts in the top 10 % by revenue" [something to group by] [in] [share of a ranking] -> a ranking
 * of those groups
 */
final class GroupsInTopShareRule extends Rule {
  GroupsInTopShareRule() {
    super(
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.PREPOSITION, Role.AMONG_GROUPS, Role.BE),
        Slot.a(Phrase.RankShare.class));
  }

  @Override
  public double bonus() {
    return 0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Rankings.share(match, 2, Optional.of(match.get(0, Phrase.Groupable.class).grouping())));
  }
}
