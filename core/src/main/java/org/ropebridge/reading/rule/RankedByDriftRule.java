package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "top 3 huts by revenue growth" [ranking] [by] [movement of a measure] -> the ranking by it */
final class RankedByDriftRule extends Rule {
  RankedByDriftRule() {
    super(
        Slot.a(Contribution.Ranked.class, r -> r.by().isEmpty() && r.what().isPresent()),
        Slot.word(Role.BY, Role.PREPOSITION),
        Slot.a(Contribution.Moved.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Ranked ranked = match.get(0, Contribution.Ranked.class);
    Contribution.Moved moved = match.get(2, Contribution.Moved.class);
    boolean top =
        ranked.direction() == Contribution.Direction.TOP
            || ranked.direction() == Contribution.Direction.BEST;
    out.accept(
        new Contribution.Drifted(
            Contrast.MORE,
            moved.move(),
            Optional.of(moved.of()),
            Optional.of(top),
            Optional.of(
                new Contribution.Subject(ranked.what().get(), true, Optional.of(ranked.count())))));
  }
}
