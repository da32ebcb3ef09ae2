package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Filter;

/** "who don't get the newsletter" [not] [yes-or-no column] -> rows of which it is not true */
final class NotTrueRule extends Rule {
  NotTrueRule() {
    super(Slot.word(Role.BE).maybe(), Slot.word(Role.NOT), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ColumnName name = match.get(2, Meaning.ColumnName.class);
    if (scope.holds(name.column(), Column.Holds.YES_NO)) {
      out.accept(new Contribution.Narrowing(new Filter.IsTrue(name.column(), true)));
    }
  }
}
