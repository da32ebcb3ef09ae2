package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Grouping;

/** "stays per month", "revenue per hut" [per] [something to group by] -> a breakdown */
final class PerGroupRule extends Rule {
  PerGroupRule() {
    super(Slot.word(Role.PER), Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping grouping = match.get(1, Phrase.Groupable.class).grouping();
    boolean number =
        grouping instanceof Grouping.ByColumn by && scope.holds(by.column(), Column.Holds.NUMBER);
    if (!number) {
      out.accept(new Contribution.Groupings(List.of(grouping)));
    }
  }
}
