package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "histogram of nights in steps of 2" [distribution] [number column in steps] -> rows by those
 * ranges
 */
final class DistributionInStepsRule extends Rule {
  DistributionInStepsRule() {
    super(
        Slot.word(Role.DISTRIBUTION),
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.BySteps));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping.BySteps steps = (Grouping.BySteps) match.get(1, Phrase.Groupable.class).grouping();
    out.accept(
        new Contribution.Ordered(steps, List.of(new Measure.RowCount(steps.column().table()))));
  }
}
