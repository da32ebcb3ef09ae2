package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "rolling average of occupancy over 3 months" [rolling average] [measure] [over] [number] [unit of
 * time] -> the mean of so many spans
 */
final class SpansAverageRule extends Rule {
  SpansAverageRule() {
    super(
        Slot.word(Role.ROLLING, Role.MOVING),
        Slot.a(Phrase.Statistics.class, s -> s.isJust(Measure.Kind.AVERAGE)).maybe(),
        Slot.a(Part.class, Operands::isOperand),
        Slot.a(Part.class, SpansAverageRule::isOver),
        Slot.a(Meaning.NumberWord.class),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.grouping().isStretch()));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int spans = Times.count(match, 4, 1);
    boolean average = match.has(1) || match.isWord(0, Role.MOVING);
    if (average && spans >= 2 && spans <= RollingAverageRule.MOST) {
      out.accept(
          new Phrase.Spanned(
              new Measure.MovingAverage(Operands.of(match.get(2, Part.class)), spans),
              match.get(5, Meaning.TimeUnitWord.class).grouping()));
    }
  }

  private static boolean isOver(Part part) {
    return part instanceof Meaning.ComparisonWord over
            && over.comparison() == Filter.Comparison.MORE_THAN
        || part instanceof Meaning.FunctionWord word
            && (word.role() == Role.OVER || word.role() == Role.PREPOSITION);
  }
}
