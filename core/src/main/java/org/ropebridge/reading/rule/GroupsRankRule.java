package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "hut ranking by revenue", "how do huts rank by revenue" [something to group by] [rank] [by]
 * [measure] -> the groups with their places
 */
final class GroupsRankRule extends Rule {
  GroupsRankRule() {
    super(
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.RANK_OF, Role.STAND, Role.RANKED_BY),
        Slot.word(Role.BY).maybe(),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Ordered.ranked(
            match.get(0, Phrase.Groupable.class).grouping(),
            Operands.of(match.get(3, Part.class))));
  }
}
