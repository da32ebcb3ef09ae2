package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how did Larkspur do" [how] [filter] [do] -> the measure that the author prefers, of such rows
 */
final class HowDoingRule extends Rule {
  HowDoingRule() {
    super(Slot.word(Role.HOW), Slot.a(Contribution.Narrowing.class), Slot.word(Role.DOING));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    scope
        .model()
        .preferences()
        .topBy()
        .ifPresent(
            metric ->
                out.accept(
                    new Contribution.MeasureWith(
                        new Measure.MetricValue(metric),
                        match.get(1, Contribution.Narrowing.class).filter())));
  }
}
