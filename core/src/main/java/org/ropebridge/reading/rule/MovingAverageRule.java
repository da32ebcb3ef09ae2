package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "3-month moving average of revenue" [number] [span] [moving average] [measure] -> the mean of so
 * many spans
 */
final class MovingAverageRule extends Rule {
  MovingAverageRule() {
    super(
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Part.class, MovingAverageRule::isSpan),
        Slot.word(Role.MOVING),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int spans = Times.smallWhole(match.get(0, Meaning.NumberWord.class).number());
    if (spans >= 2 && spans <= 400) {
      Measure moving = new Measure.MovingAverage(Operands.of(match.get(3, Part.class)), spans);
      Optional<Meaning.TimeUnitWord> unit = match.find(1, Meaning.TimeUnitWord.class);
      out.accept(
          unit.isPresent()
              ? new Phrase.Spanned(moving, unit.get().grouping())
              : Contribution.Measures.of(moving));
    }
  }

  private static boolean isSpan(Part part) {
    return part.equals(new Meaning.FunctionWord(Role.SPAN))
        || part instanceof Meaning.TimeUnitWord unit && unit.grouping().isStretch();
  }
}
