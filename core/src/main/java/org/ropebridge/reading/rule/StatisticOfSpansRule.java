package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.TimeUnit;

/**
 * "average monthly revenue", "highest daily number of stays" [statistic] [adverb of time] [measure]
 * -> the statistic over spans of time
 */
final class StatisticOfSpansRule extends Rule {
  StatisticOfSpansRule() {
    super(
        Slot.a(
            Part.class,
            p -> p instanceof Meaning.StatisticWord || p instanceof Meaning.SuperlativeWord),
        Slot.a(Meaning.TimeUnitWord.class, Meaning.TimeUnitWord::adverb),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part word = match.get(0, Part.class);
    Measure.Kind kind = StatisticsRule.kind(word);
    Measure.Plain of = Operands.of(match.get(2, Part.class));
    TimeUnit unit = match.get(1, Meaning.TimeUnitWord.class).grouping();
    if (kind != Measure.Kind.SUM && !(of instanceof Measure.OverParts)) {
      out.accept(Operands.overSpans(kind, of, unit));
    }
  }
}
