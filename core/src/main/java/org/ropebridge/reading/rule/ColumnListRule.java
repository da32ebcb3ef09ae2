package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/** "name, warden and altitude" [column] [and] [columns] -> the columns */
final class ColumnListRule extends Rule {
  ColumnListRule() {
    super(
        Slot.a(Part.class, ColumnListRule::isColumn),
        Slot.word(Role.COMMA, Role.AND, Role.BOTH).maybe(),
        Slot.a(Phrase.ColumnList.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part part = match.get(0, Part.class);
    Optional<ColumnRef> column =
        part instanceof Meaning.ColumnName name
            ? Optional.of(name.column())
            : scope.namingColumn(((Meaning.RowNoun) part).table());
    if (column.isEmpty() || match.has(1) && !match.has(2)) {
      return;
    }
    List<ColumnRef> columns = new ArrayList<>(List.of(column.get()));
    match
        .find(2, Phrase.ColumnList.class)
        .ifPresent(
            more ->
                more.columns().stream().filter(c -> !columns.contains(c)).forEach(columns::add));
    out.accept(new Phrase.ColumnList(columns));
  }

  private static boolean isColumn(Part part) {
    return part instanceof Meaning.ColumnName || part instanceof Meaning.RowNoun;
  }
}
