package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "stays without a member" [no] [noun of rows that may be missing] -> rows that point at none */
final class WithoutPointerRule extends Rule {
  WithoutPointerRule() {
    super(Slot.word(Role.NONE, Role.MISSING), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    scope
        .namingColumn(match.get(1, Meaning.RowNoun.class).table())
        .ifPresent(c -> out.accept(new Contribution.Narrowing(new Filter.Missing(c, false))));
  }
}
