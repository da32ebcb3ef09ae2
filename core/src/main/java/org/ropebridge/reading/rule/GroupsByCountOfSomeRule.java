package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "huts by number of cancelled stays" [something to group by, in the plural] [by how many such
 * rows] -> the groups with their number
 */
final class GroupsByCountOfSomeRule extends Rule {
  GroupsByCountOfSomeRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF).maybe(),
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByColumn),
        Slot.a(Phrase.SomeRows.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.SomeRows some = match.get(2, Phrase.SomeRows.class);
    if (match.isPlural(1)) {
      out.accept(
          some.with(
              new Contribution.GroupsTold(
                  (Grouping.ByColumn) match.get(1, Phrase.Groupable.class).grouping(),
                  new Measure.RowCount(some.table()))));
    }
  }
}
