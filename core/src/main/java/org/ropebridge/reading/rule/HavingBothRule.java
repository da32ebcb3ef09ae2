package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "people with both sick leave and unpaid leave" [noun] [with] [both] [two values of rows that
 * point at it] -> rows at which such point, and such as well
 */
final class HavingBothRule extends Rule {
  HavingBothRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.HAVE, Role.WITH, Role.PREPOSITION).maybe(),
        Slot.word(Role.BOTH),
        Slot.a(Phrase.Values.class, v -> v.stored().size() == 2));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    Phrase.Values values = match.get(3, Phrase.Values.class);
    String table = values.column().table();
    if (scope.pointsAt(table, anchor)) {
      out.accept(
          new Contribution.RelatedBoth(
              Relations.with(anchor, table, values.column(), values.stored().get(0)),
              Relations.with(anchor, table, values.column(), values.stored().get(1))));
    }
  }
}
