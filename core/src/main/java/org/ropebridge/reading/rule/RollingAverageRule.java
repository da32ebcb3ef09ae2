package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.TimeUnit;

/**
 * "rolling 3 month average of revenue", "moving average of guest nights" [rolling] [number] [unit
 * of time] [average] [measure] -> the mean of so many spans; of three, where no number is said
 */
final class RollingAverageRule extends Rule {
  RollingAverageRule() {
    super(
        Slot.word(Role.ROLLING, Role.MOVING),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.grouping().isStretch()).maybe(),
        Slot.a(Phrase.Statistics.class, s -> s.isJust(Measure.Kind.AVERAGE)).maybe(),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean spelt = match.has(1) && match.has(2) && match.has(3) && match.isWord(0, Role.ROLLING);
    boolean bare = !match.has(1) && !match.has(2) && !match.has(3) && match.isWord(0, Role.MOVING);
    int spans = Times.count(match, 1, USUAL);
    if (!spelt && !bare || spans < 2 || spans > MOST) {
      return;
    }
    Measure moving = new Measure.MovingAverage(Operands.of(match.get(4, Part.class)), spans);
    TimeUnit unit =
        match
            .find(2, Meaning.TimeUnitWord.class)
            .map(Meaning.TimeUnitWord::grouping)
            .orElse(TimeUnit.MONTH);
    out.accept(new Phrase.Spanned(moving, unit));
    if (bare) {
      out.accept(Contribution.Measures.of(moving));
    }
  }

  private static final int USUAL = 3;
  static final int MOST = 400;
}
