package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Measure;

/**
 * "share of revenue", "what percent of stays" [share] [measure or noun] -> a part of it; of which
 * whole is seen when all is read; what is a part of a hundred already is asked for itself
 */
final class ShareOfRule extends Rule {
  ShareOfRule() {
    super(Slot.word(Role.SHARE), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Plain of = Operands.of(match.get(1, Part.class));
    boolean isShare =
        of instanceof Measure.MetricValue value
            && scope.model().metric(value.metric()).shownAs() == Metric.ShownAs.PERCENT;
    out.accept(
        isShare ? Contribution.Measures.of(of) : new Contribution.ShareOf(of, Optional.empty()));
  }
}
