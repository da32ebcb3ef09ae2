package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "show hut and altitude" [list] [noun, in the singular] [and] [columns of theirs] -> the rows with
 * those columns
 */
final class NounAndColumnRule extends Rule {
  NounAndColumnRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.AND, Role.COMMA),
        Slot.a(Phrase.ColumnList.class));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(1)) {
      ColumnsOfRule.rows(
              match.get(1, Meaning.RowNoun.class).table(),
              match.get(3, Phrase.ColumnList.class).columns(),
              List.of(),
              scope)
          .ifPresent(out);
    }
  }
}
