package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "with their notes", "showing the altitude" [with] [columns] -> columns of the rows that are
 * listed
 */
final class ShowingRule extends Rule {
  ShowingRule() {
    super(Slot.word(Role.SHOWING, Role.WITH), Slot.a(Phrase.ColumnList.class));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Columns(match.get(1, Phrase.ColumnList.class).columns()));
  }
}
