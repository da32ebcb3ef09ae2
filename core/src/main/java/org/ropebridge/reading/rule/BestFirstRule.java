package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "by occupancy, worst first", "slowest first" [judgement] [first] -> an order by the first measure
 */
final class BestFirstRule extends Rule {
  BestFirstRule() {
    super(
        Slot.a(
            Part.class,
            p ->
                p instanceof Meaning.JudgementWord
                    || p instanceof Meaning.RankWord rank && rank.unlessTime()),
        Slot.word(Role.FIRST));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Order(
            Optional.empty(),
            false,
            Optional.empty(),
            Optional.of(Rankings.direction(match.get(0, Part.class)))));
  }
}
