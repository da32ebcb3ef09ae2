package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "whether number of callouts is more than 0" [whether] [measure] [is] [comparison] -> yes or no
 */
final class ClaimRule extends Rule {
  ClaimRule() {
    super(
        Slot.word(Role.WHETHER),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1),
        Slot.word(Role.BE),
        Slot.a(Phrase.Comparing.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure measure = match.get(1, Contribution.Measures.class).measures().get(0);
    Keeps.compared(measure, match.get(3, Phrase.Comparing.class), scope)
        .ifPresent(
            keep ->
                out.accept(
                    new Contribution.Claimed(measure, ((Plan.Against) keep.test()).bound())));
  }
}
