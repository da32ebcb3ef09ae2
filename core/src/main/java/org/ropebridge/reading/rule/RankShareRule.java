package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Plan;

/** "top 10 %", "the best 20 percent" [top] [number] [percent] -> so many of every hundred */
final class RankShareRule extends Rule {
  RankShareRule() {
    super(
        Slot.a(
            Part.class, p -> p instanceof Meaning.RankWord || p instanceof Meaning.JudgementWord),
        Slot.a(Phrase.Amount.class, a -> a.unit().equals(Optional.of(Keeps.PERCENT))));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal percent = match.get(1, Phrase.Amount.class).number();
    if (Plan.AmongFirst.isShare(percent)) {
      out.accept(new Phrase.RankShare(Rankings.direction(match.get(0, Part.class)), percent));
    }
  }
}
