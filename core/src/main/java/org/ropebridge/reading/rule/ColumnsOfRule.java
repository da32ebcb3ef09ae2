package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;

/**
 * "name, warden and altitude of the huts", "the wardens of huts" [columns] [of] [noun] -> the rows
 * with those columns
 */
final class ColumnsOfRule extends Rule {
  ColumnsOfRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF, Role.WHICH).maybe(),
        Slot.a(Phrase.ColumnList.class),
        Slot.word(Role.PREPOSITION, Role.BY).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(3, Meaning.RowNoun.class).table();
    List<ColumnRef> columns = match.get(1, Phrase.ColumnList.class).columns();
    if (match.isParticiple(1)) {
      return;
    }
    boolean reached =
        columns.stream()
            .allMatch(c -> !scope.paths().shortest(table, c.table(), c.role()).isEmpty());
    boolean own = columns.stream().anyMatch(c -> c.table().equals(table));
    if (reached && own && !columns.stream().anyMatch(c -> scope.isNameOfOther(c, table))) {
      out.accept(new Contribution.Rows(table, withName(table, columns, scope), List.of()));
    }
  }

  /** People want to see which row it is, too. */
  private static List<ColumnRef> withName(String table, List<ColumnRef> columns, Scope scope) {
    return scope
        .namingColumn(table)
        .filter(c -> scope.holds(c, Column.Holds.CATEGORY) && !columns.contains(c))
        .map(c -> Stream.concat(Stream.of(c), columns.stream()).toList())
        .orElse(columns);
  }
}
