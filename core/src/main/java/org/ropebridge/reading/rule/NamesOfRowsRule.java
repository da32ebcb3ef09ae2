package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "hut names", "list the names of members" [column that names rows, in the plural] -> these rows,
 * by name alone
 */
final class NamesOfRowsRule extends Rule {
  NamesOfRowsRule() {
    super(Slot.word(Role.LIST, Role.LIST_OF).maybe(), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return -0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    boolean names = column.role().isEmpty() && scope.model().namesItsTable(column);
    if (names && match.isPlural(1)) {
      out.accept(new Contribution.Rows(column.table(), List.of(column), List.of()));
    }
  }
}
