package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;

/** "captains with more than 100 sailings" [role, in the plural] -> what the question is about */
final class RoleSubjectRule extends Rule {
  RoleSubjectRule() {
    super(Slot.a(Meaning.RoleName.class));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RoleName role = match.get(0, Meaning.RoleName.class);
    if (match.isPlural(0)) {
      scope
          .namingColumn(role.to())
          .map(c -> new Grouping.ByColumn(c.withRole(role.role())))
          .ifPresent(g -> out.accept(new Contribution.Subject(g, true)));
    }
  }
}
