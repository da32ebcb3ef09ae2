package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many captains" [how many] [different] [role, in the plural] -> the different rows that play
 * it
 */
final class CountRoleRule extends Rule {
  CountRoleRule() {
    super(
        Slot.word(Role.COUNT),
        Slot.word(Role.DIFFERENT).maybe(),
        Slot.a(Meaning.RoleName.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.RowNoun.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RoleName role = match.get(2, Meaning.RoleName.class);
    String with = scope.model().tableOfRole(role.role()).name();
    boolean said =
        match.find(4, Meaning.RowNoun.class).map(n -> n.table().equals(with)).orElse(true);
    if (match.isPlural(2) && said && (match.has(4) || !match.has(3))) {
      out.accept(
          Contribution.Measures.of(
              new Measure.DistinctRows(role.to(), with, Optional.of(role.role()))));
    }
  }
}
