package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;

/** "from hut valley", "from hut altitude" [role] [column] -> the column, reached by that role */
final class RoleColumnRule extends Rule {
  RoleColumnRule() {
    super(
        Slot.a(Meaning.RoleName.class),
        Slot.a(Part.class, p -> p instanceof Meaning.ColumnName || p instanceof Meaning.RowNoun));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RoleName role = match.get(0, Meaning.RoleName.class);
    Optional<ColumnRef> column =
        match
            .find(1, Meaning.ColumnName.class)
            .map(Meaning.ColumnName::column)
            .or(() -> scope.namingColumn(match.get(1, Meaning.RowNoun.class).table()));
    column
        .filter(c -> !scope.paths().shortest(role.to(), c.table(), Optional.empty()).isEmpty())
        .ifPresent(c -> out.accept(new Meaning.ColumnName(c.withRole(role.role()))));
  }
}
