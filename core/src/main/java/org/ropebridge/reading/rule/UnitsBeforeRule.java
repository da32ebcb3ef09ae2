package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "vs the 7 days before" [versus] [number] [unit of time] [before] -> as long a time right before
 */
final class UnitsBeforeRule extends Rule {
  UnitsBeforeRule() {
    super(
        Slot.word(Role.VERSUS),
        Slot.a(Meaning.NumberWord.class, n -> Times.smallWhole(n.number()) > 1),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.period().isPresent()),
        Slot.word(Role.BEFORE));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Versus(new Measure.SpanBefore()));
  }
}
