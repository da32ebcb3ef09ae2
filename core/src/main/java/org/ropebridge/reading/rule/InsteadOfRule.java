package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "by hut instead of valley" [new] [instead of] [old] -> the one in the place of the other */
final class InsteadOfRule extends Rule {
  InsteadOfRule() {
    super(
        Slot.a(Part.class, Named::isNamed),
        Slot.word(Role.INSTEAD_OF),
        Slot.a(Part.class, Named::isNamed));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Contribution> with = Named.of(match.get(0, Part.class));
    Optional<Contribution> old = Named.of(match.get(2, Part.class));
    if (with.isPresent() && old.isPresent()) {
      out.accept(new Contribution.Replacing(old.get(), with.get()));
    }
  }
}
