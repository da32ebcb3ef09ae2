package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;

/** "name, warden and altitude" [column] [and] [columns] -> the columns */
final class ColumnListRule extends Rule {
  ColumnListRule() {
    super(
        Slot.a(Part.class, Columns::isColumn),
        Slot.word(Role.COMMA, Role.AND, Role.BOTH).maybe(),
        Slot.a(Phrase.ColumnList.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> column = Columns.of(match.get(0, Part.class), scope);
    if (column.isEmpty() || match.has(1) && !match.has(2)) {
      return;
    }
    boolean adjective =
        !match.has(1)
            && match
                .find(2, Phrase.ColumnList.class)
                .filter(more -> scope.holds(more.columns().get(0), Column.Holds.YES_NO))
                .isPresent();
    if (adjective) {
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
}
