package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/** How far something moved. */
final class Drifting {
  private static final int HUNDREDTHS = 2;

  private Drifting() {}

  /**
   * A movement of at least so much, in the measure's own unit or of every hundred.
   *
   * @param distance an amount, or a comparison with one
   * @return empty where less than so much is asked for, which either way would meet
   */
  static Optional<Contribution.Drifted> by(Contribution.Drifted drifted, Part distance) {
    Phrase.Comparing comparing =
        distance instanceof Phrase.Amount amount
            ? new Phrase.Comparing(
                Filter.Comparison.AT_LEAST, amount.number(), Optional.empty(), amount.unit())
            : (Phrase.Comparing) distance;
    boolean far =
        comparing.comparison() == Filter.Comparison.MORE_THAN
            || comparing.comparison() == Filter.Comparison.AT_LEAST;
    boolean percent = comparing.unit().filter(Keeps.PERCENT::equals).isPresent();
    if (!far || comparing.low().signum() < 0 || !percent && comparing.unit().isPresent()) {
      return Optional.empty();
    }
    BigDecimal least = percent ? comparing.low().movePointLeft(HUNDREDTHS) : comparing.low();
    return Optional.of(
        drifted.by(
            percent ? Measure.Move.GROWTH : Measure.Move.CHANGE,
            new Bound(comparing.comparison(), least, Optional.empty())));
  }
}
