package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "what rank is Larkspur", "rank of Larkspur", "position of Larkspur among the huts" [rank of]
 * [value] -> its place
 */
final class RankOfOneRule extends Rule {
  RankOfOneRule() {
    super(
        Slot.word(Role.RANK_OF),
        Slot.word(Role.BE, Role.AUXILIARY, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class, Rankings::isOne),
        Slot.word(Role.AMONG_GROUPS, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(3) == match.has(4)) {
      Rankings.place(match, 2, 4).ifPresent(out);
    }
  }
}
