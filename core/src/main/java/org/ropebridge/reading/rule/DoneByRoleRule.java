package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "leads sold by Hope" [what the one in a role does] [by] [values that name rows] -> rows that have
 * them in that role
 */
final class DoneByRoleRule extends Rule {
  DoneByRoleRule() {
    super(
        Slot.a(Meaning.RoleName.class),
        Slot.word(Role.BY, Role.PLAIN_BY),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RoleName role = match.get(0, Meaning.RoleName.class);
    Phrase.Values values = match.get(2, Phrase.Values.class);
    List<ColumnRef> names = scope.namingColumn(role.to()).stream().toList();
    if (match.isParticiple(0) && names.contains(values.column().withoutRole())) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.InValues(values.column().withRole(role.role()), values.stored(), false)));
    }
  }
}
