package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "share of website bookings", "percent of cancelled stays" [share] [filter] [measure or noun] ->
 * the part of it that falls on such rows
 */
final class ShareOfSomeRule extends Rule {
  ShareOfSomeRule() {
    super(
        Slot.word(Role.SHARE),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare),
        Slot.a(Part.class, Operands::isBasic));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.ShareOf(
            Operands.of(match.get(2, Part.class)),
            Optional.of(match.get(1, Contribution.Narrowing.class).filter())));
  }
}
