package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

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
    Measure.Plain by = Operands.of(match.get(2, Part.class));
    out.accept(
        new Contribution.Ordered(
            match.get(0, Phrase.Groupable.class).grouping(), List.of(by, new Measure.Rank(by))));
  }
}
