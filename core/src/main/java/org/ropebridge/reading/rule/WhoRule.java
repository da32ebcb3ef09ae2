package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;

/** "who booked the most tickets" [who] -> the people who are ranked */
final class WhoRule extends Rule {
  WhoRule() {
    super(Slot.word(Role.WHO));
  }

  @Override
  public double bonus() {
    return -0.65;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() > 0) {
      return;
    }
    for (ColumnRef person : scope.persons()) {
      out.accept(new Contribution.Subject(new Grouping.ByColumn(person), false));
    }
  }
}
