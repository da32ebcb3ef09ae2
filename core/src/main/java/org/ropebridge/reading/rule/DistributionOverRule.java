package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "distribution of revenue over the valleys" [distribution] [measure] [over] [something to group
 * by] -> the measure, by that
 */
final class DistributionOverRule extends Rule {
  DistributionOverRule() {
    super(
        Slot.word(Role.DISTRIBUTION),
        Slot.a(
            Contribution.Measures.class,
            m -> m.measures().size() == 1 && !(m.measures().get(0) instanceof Measure.Correlation)),
        Slot.word(Role.OVER, Role.PREPOSITION, Role.AMONG, Role.BETWEEN, Role.BY),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 1.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Ordered(
            match.get(3, Phrase.Groupable.class).grouping(),
            match.get(1, Contribution.Measures.class).measures()));
  }
}
