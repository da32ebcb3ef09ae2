package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "home island of the passenger" [column] [role that leads to its table] -> the column, reached so
 */
final class ColumnOfRoleRule extends Rule {
  ColumnOfRoleRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.a(Meaning.RoleName.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ColumnName name = match.get(0, Meaning.ColumnName.class);
    Meaning.RoleName role = match.get(1, Meaning.RoleName.class);
    boolean leadsThere = name.column().table().equals(role.to()) && name.column().role().isEmpty();
    if (leadsThere && !scope.isTemporal(name.column())) {
      out.accept(new Meaning.ColumnName(name.column().withRole(role.role())));
    }
  }
}
