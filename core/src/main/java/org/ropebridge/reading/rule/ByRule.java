package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Grouping;

/** "by valley", "per hut", "for each channel" [by] [something to group by] -> a breakdown */
final class ByRule extends Rule {
  ByRule() {
    super(Slot.word(Role.PREPOSITION).maybe(), Slot.word(Role.BY), Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping grouping = match.get(2, Phrase.Groupable.class).grouping();
    if (!isFreeText(grouping, scope)) {
      out.accept(new Contribution.Groupings(List.of(grouping)));
    }
  }

  /** Whether hardly two rows have the same words. */
  static boolean isFreeText(Grouping grouping, Scope scope) {
    return grouping instanceof Grouping.ByColumn by && scope.holds(by.column(), Column.Holds.TEXT);
  }
}
