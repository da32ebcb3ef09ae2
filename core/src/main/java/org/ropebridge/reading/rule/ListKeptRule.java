package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "list channels with revenue over 100" [list] [column, in the plural] [condition on a measure] ->
 * the groups of which that holds
 */
final class ListKeptRule extends Rule {
  ListKeptRule() {
    super(
        Slot.word(Role.LIST, Role.WHICH),
        Slot.a(Contribution.Subject.class, Contribution.Subject::plural),
        Slot.a(Contribution.Keeping.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Together(
            List.of(
                match.get(1, Contribution.Subject.class),
                match.get(2, Contribution.Keeping.class))));
  }
}
