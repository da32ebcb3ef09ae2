package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "which hut had the most" [which group] [has] [the most] -> that end of such groups, by the
 * measure of before
 */
final class WhichHasMostRule extends Rule {
  WhichHasMostRule() {
    super(
        Slot.a(Contribution.Subject.class),
        Slot.word(Role.HAVE, Role.BE, Role.AUXILIARY).maybe(),
        Slot.a(Part.class, Rankings::isEnd));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Subject groups = match.get(0, Contribution.Subject.class);
    out.accept(
        new Contribution.Ranked(
            Rankings.direction(match.get(2, Part.class)),
            groups.wanted(),
            Optional.of(groups.what()),
            Optional.empty()));
  }
}
