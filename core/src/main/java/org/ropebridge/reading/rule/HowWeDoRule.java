package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "how did we do last year" [how did we do] -> the measure that the author prefers */
final class HowWeDoRule extends Rule {
  HowWeDoRule() {
    super(Slot.word(Role.HOW_WE_DO));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    scope
        .model()
        .preferences()
        .topBy()
        .ifPresent(m -> out.accept(Contribution.Measures.of(new Measure.MetricValue(m))));
  }
}
