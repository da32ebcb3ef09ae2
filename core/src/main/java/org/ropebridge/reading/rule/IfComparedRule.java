package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "if altitude is over 2000 m", "when party size is above 4" [if] [comparison of a column] -> keeps
 * those rows
 */
final class IfComparedRule extends Rule {
  IfComparedRule() {
    super(
        Slot.word(Role.WHEN, Role.IF),
        Slot.a(Contribution.Narrowing.class, n -> n.filter() instanceof Filter.Compare));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(match.get(1, Contribution.Narrowing.class));
  }
}
