package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "title and director of all comedies", "opening date of Larkspur" [columns] [of] [values] -> the
 * rows with such a value, with those columns
 */
final class ColumnsOfValuesRule extends Rule {
  ColumnsOfValuesRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF, Role.WHICH).maybe(),
        Slot.a(Phrase.ColumnList.class),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(2, Phrase.Values.class);
    String table = values.column().table();
    List<ColumnRef> columns = match.get(1, Phrase.ColumnList.class).columns();
    boolean own = columns.stream().allMatch(c -> c.table().equals(table));
    boolean listed = match.has(0) && !match.isWord(0, Role.WHICH);
    if (!listed && Columns.isTotal(columns, scope)) {
      return;
    }
    boolean named = scope.model().namesItsTable(values.column());
    if (own && named && columns.stream().allMatch(scope::isTemporal)) {
      columns.forEach(date -> Columns.ofNamed(values, date, scope).ifPresent(out));
    } else if (own && !columns.stream().allMatch(scope::isTemporal)) {
      out.accept(new Contribution.Rows(table, columns, List.of(values.filter(false))));
    }
  }
}
