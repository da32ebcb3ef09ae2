package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "how many stays per day on average" [measure] [per] [something to group by] [on average] -> the
 * average over those parts
 */
final class PerOnAverageRule extends Rule {
  PerOnAverageRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PER, Role.BY),
        Slot.a(Phrase.Groupable.class),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Plain of = Operands.of(match.get(0, Part.class));
    boolean totals = MeasureTables.addsUp(of, scope.model()) || of instanceof Measure.DistinctRows;
    boolean parts = Operands.areParts(match.get(2, Phrase.Groupable.class), scope);
    if (parts && totals && !(of instanceof Measure.Statistic)) {
      out.accept(
          Contribution.Measures.of(
              new Measure.OverParts(
                  Measure.Kind.AVERAGE, of, match.get(2, Phrase.Groupable.class).grouping())));
    }
  }
}
