package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;

/**
 * "huts having (callouts in 2025)", "huts having more than 2 (callouts)" [noun] [having]
 * [comparison] [rows in brackets] -> rows at which such rows, or so many, point or do not
 */
final class HavingRule extends Rule {
  HavingRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.HAVING, Role.NOT_HAVING),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isEmpty()).maybe(),
        Slot.a(Phrase.EnclosedRows.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.EnclosedRows rows = match.get(4, Phrase.EnclosedRows.class);
    out.accept(
        new Contribution.Narrowing(
            new Filter.Having(
                match.get(1, Meaning.RowNoun.class).table(),
                rows.table(),
                rows.role(),
                rows.filters(),
                match
                    .find(3, Phrase.Comparing.class)
                    .map(c -> new Bound(c.comparison(), c.low(), c.high())),
                match.isWord(2, Role.NOT_HAVING))));
  }
}
