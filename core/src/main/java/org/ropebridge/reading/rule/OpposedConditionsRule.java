package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "long stays versus short notice" [condition] [versus] [condition of the same table] -> both
 * beside each other
 */
final class OpposedConditionsRule extends Rule {
  OpposedConditionsRule() {
    super(
        Slot.a(Meaning.ConditionName.class),
        Slot.word(Role.VERSUS),
        Slot.a(Meaning.ConditionName.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ConditionName first = match.get(0, Meaning.ConditionName.class);
    Meaning.ConditionName second = match.get(2, Meaning.ConditionName.class);
    if (first.table().equals(second.table()) && !first.equals(second)) {
      out.accept(
          new Contribution.OpposedFilters(
              new Filter.Meets(first.table(), first.condition(), false),
              new Filter.Meets(second.table(), second.condition(), false)));
    }
  }
}
