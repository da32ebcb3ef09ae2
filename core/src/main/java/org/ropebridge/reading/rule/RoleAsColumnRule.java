package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "from hut" [role] -> the column that names the rows of its table, reached by that role */
final class RoleAsColumnRule extends Rule {
  RoleAsColumnRule() {
    super(Slot.a(Meaning.RoleName.class));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RoleName role = match.get(0, Meaning.RoleName.class);
    scope
        .namingColumn(role.to())
        .ifPresent(c -> out.accept(new Meaning.ColumnName(c.withRole(role.role()))));
  }
}
