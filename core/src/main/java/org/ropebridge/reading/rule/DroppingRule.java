package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "drop 2024", "without occupancy" [drop] [anything] -> the same taken away */
final class DroppingRule extends Rule {
  DroppingRule() {
    super(
        Slot.word(Role.DROP),
        Slot.a(Part.class, Named::isNamed),
        Slot.word(Role.FILTERS, Role.BREAKDOWN, Role.ORDERING, Role.PERIOD_PART).maybe());
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Named.of(match.get(1, Part.class))
        .ifPresent(what -> out.accept(new Contribution.Dropping(what)));
  }
}
