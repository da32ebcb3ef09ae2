package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "the least punctual vessel", "is most punctual" [number] [most or least] [adjective of a metric]
 * [something to group by] -> a ranking by the metric; without what is ranked, what ranks it
 */
final class MostSoRule extends Rule {
  MostSoRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.SuperlativeWord.class, s -> s.dimension().equals("amount")),
        Slot.a(Meaning.QualityWord.class),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure by = new Measure.MetricValue(match.get(2, Meaning.QualityWord.class).metric());
    Contribution.Direction direction = Rankings.direction(match.get(1, Part.class));
    if (!match.has(3)) {
      if (!match.has(0)) {
        out.accept(new Contribution.Extreme(direction, by));
      }
      return;
    }
    int count = Rankings.wanted(match, 0, 3);
    if (count >= 1) {
      out.accept(
          new Contribution.Ranked(
              direction,
              count,
              Optional.of(match.get(3, Phrase.Groupable.class).grouping()),
              Optional.of(by)));
    }
  }
}
