package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "for refund line", "excluding refund lines" [yes-or-no column] -> keeps, or leaves out, rows
 * where it is true
 */
final class WithYesRule extends Rule {
  WithYesRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.ONLY).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.13;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    if (scope.holds(column, Column.Holds.YES_NO)) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.IsTrue(column, match.isWord(0, Role.EXCLUDING)),
              !match.has(0) && !match.has(1)));
    }
  }
}
