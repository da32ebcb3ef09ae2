package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;

/**
 * "by valley and channel", "by year and by valley" [breakdown] [and] [something to group by] -> a
 * breakdown by both
 */
final class AlsoByRule extends Rule {
  AlsoByRule() {
    super(
        Slot.a(Contribution.Groupings.class),
        Slot.word(Role.AND, Role.COMMA),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    List<Grouping> groupings =
        new ArrayList<>(match.get(0, Contribution.Groupings.class).groupings());
    Grouping next = match.get(2, Phrase.Groupable.class).grouping();
    if (!groupings.contains(next)) {
      groupings.add(next);
      out.accept(new Contribution.Groupings(groupings));
    }
  }
}
