package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "average over each month of revenue" [statistic] [over each] [something to group by] [measure] ->
 * the statistic over those parts
 */
final class OverPartsRule extends Rule {
  OverPartsRule() {
    super(
        Slot.a(Phrase.Statistics.class),
        Slot.word(Role.OVER_EACH),
        Slot.a(Phrase.Groupable.class),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    List<Phrase.Statistic> statistics = match.get(0, Phrase.Statistics.class).statistics();
    Measure.Plain of = Operands.of(match.get(3, Part.class));
    boolean fits = !(of instanceof Measure.OverParts) && !(of instanceof Measure.Correlation);
    if (statistics.size() == 1 && statistics.get(0).percentile() == 0 && fits) {
      out.accept(
          Contribution.Measures.of(
              new Measure.OverParts(
                  statistics.get(0).kind(), of, match.get(2, Phrase.Groupable.class).grouping())));
    }
  }
}
