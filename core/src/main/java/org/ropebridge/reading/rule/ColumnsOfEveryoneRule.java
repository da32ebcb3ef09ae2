package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/** "name, rank and salary of everyone" [columns] [everyone] -> the rows that all of them are of */
final class ColumnsOfEveryoneRule extends Rule {
  ColumnsOfEveryoneRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF, Role.WHICH).maybe(),
        Slot.a(Phrase.ColumnList.class),
        Slot.word(Role.EVERYONE));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    List<ColumnRef> columns = match.get(1, Phrase.ColumnList.class).columns();
    String table = columns.get(0).table();
    boolean ofPersons =
        scope.arePeople(table) && columns.stream().allMatch(c -> c.table().equals(table));
    if (ofPersons && columns.size() > 1) {
      out.accept(new Contribution.Rows(table, columns, List.of()));
    }
  }
}
