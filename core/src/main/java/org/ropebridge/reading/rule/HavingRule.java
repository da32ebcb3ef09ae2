package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "huts having (callouts in 2025)" [noun] [having] [rows in brackets] -> rows at which such rows
 * point, or do not
 */
final class HavingRule extends Rule {
  HavingRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.HAVING, Role.NOT_HAVING),
        Slot.a(Phrase.EnclosedRows.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.EnclosedRows rows = match.get(3, Phrase.EnclosedRows.class);
    out.accept(
        new Contribution.Narrowing(
            new Filter.Having(
                match.get(1, Meaning.RowNoun.class).table(),
                rows.table(),
                rows.role(),
                rows.filters(),
                match.isWord(2, Role.NOT_HAVING))));
  }
}
