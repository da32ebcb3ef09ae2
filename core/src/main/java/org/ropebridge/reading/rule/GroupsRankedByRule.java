package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "huts ranked by revenue" [something to group by] [ranked by] [measure] -> the groups with their
 * places
 */
final class GroupsRankedByRule extends Rule {
  GroupsRankedByRule() {
    super(
        Slot.a(Phrase.Groupable.class),
        Slot.word(Role.RANKED_BY),
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
            match.get(0, Phrase.Groupable.class).grouping(),
            Operands.of(match.get(2, Part.class))));
  }
}
