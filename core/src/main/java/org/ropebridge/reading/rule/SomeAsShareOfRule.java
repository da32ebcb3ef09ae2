package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "website bookings as a share of all bookings" [filter] [measure or noun] [as a share of] [the
 * same] -> the part of it that falls on such rows
 */
final class SomeAsShareOfRule extends Rule {
  SomeAsShareOfRule() {
    super(
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare),
        Slot.a(Part.class, Operands::isBasic),
        Slot.word(Role.AS_SHARE_OF),
        Slot.a(Part.class, Operands::isBasic));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (Operands.of(match.get(1, Part.class)).equals(Operands.of(match.get(3, Part.class)))) {
      out.accept(
          new Contribution.ShareOf(
              Operands.of(match.get(1, Part.class)),
              Optional.of(match.get(0, Contribution.Narrowing.class).filter())));
    }
  }
}
