package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "list of huts showing hut and warden" [list of] [noun] [showing] [columns] -> the rows with those
 * columns
 */
final class ListOfRule extends Rule {
  ListOfRule() {
    super(
        Slot.word(Role.LIST_OF),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.SHOWING_ONLY),
        Slot.a(Phrase.ColumnList.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Rows(
            match.get(1, Meaning.RowNoun.class).table(),
            match.get(3, Phrase.ColumnList.class).columns(),
            List.of()));
  }
}
