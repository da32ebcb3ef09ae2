package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;

/**
 * "3-month moving average of revenue" [moving average of a unit] -> the moving average, by that
 * unit
 */
final class SpannedMeasureRule extends Rule {
  SpannedMeasureRule() {
    super(Slot.a(Phrase.Spanned.class));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Spanned spanned = match.get(0, Phrase.Spanned.class);
    out.accept(
        new Contribution.SpannedMeasure(
            spanned.measure(), new Grouping.ByTime(spanned.unit(), Optional.empty())));
  }
}
