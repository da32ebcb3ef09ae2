package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "rank huts by revenue" [rank] [something to group by] [by] [measure] -> the groups with their
 * places
 */
final class RankGroupsRule extends Rule {
  RankGroupsRule() {
    super(
        Slot.word(Role.RANK_OF),
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.BY),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        Contribution.Ordered.ranked(
            match.get(1, Phrase.Groupable.class).grouping(),
            Operands.of(match.get(3, Part.class))));
  }
}
