package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "growth of revenue from the year before" [movement] [from] [earlier time] -> how it moved since
 * then
 */
final class MovedFromRule extends Rule {
  MovedFromRule() {
    super(
        Slot.a(Contribution.Moved.class),
        Slot.word(Role.FROM, Role.VERSUS, Role.PREPOSITION, Role.OVER_TIME).maybe(),
        Slot.a(Phrase.EarlierTime.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Moved moved = match.get(0, Contribution.Moved.class);
    out.accept(
        Contribution.Measures.of(
            new Measure.Compared(
                moved.move(), moved.of(), match.get(2, Phrase.EarlierTime.class).earlier())));
  }
}
