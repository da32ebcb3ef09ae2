package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "revenue as a 3-month moving average" [measure] [as] [number] [unit of time] [moving average] ->
 * the mean of so many spans
 */
final class MeasureRollingRule extends Rule {
  MeasureRollingRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.AS, Role.COMMA).maybe(),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.grouping().isStretch()),
        Slot.word(Role.MOVING, Role.ROLLING),
        Slot.a(Phrase.Statistics.class, s -> s.isJust(Measure.Kind.AVERAGE)).maybe());
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int spans = Times.count(match, 2, 1);
    boolean average = match.has(5) != match.isWord(4, Role.MOVING);
    if (average && spans >= 2 && spans <= RollingAverageRule.MOST) {
      out.accept(
          new Phrase.Spanned(
              new Measure.MovingAverage(Operands.of(match.get(0, Part.class)), spans),
              match.get(3, Meaning.TimeUnitWord.class).grouping()));
    }
  }
}
