package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "where", "where did they happen" [where] [did] [they] [happen] -> by the nearest kind of places
 */
final class WhereaboutsRule extends Rule {
  WhereaboutsRule() {
    super(
        Slot.word(Role.WHERE),
        Slot.word(Role.AUXILIARY, Role.BE).maybe(),
        Slot.word(Role.THOSE).maybe(),
        Slot.word(Role.HAPPENING).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Whereabouts());
  }
}
