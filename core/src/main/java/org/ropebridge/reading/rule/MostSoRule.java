package org.ropebridge.reading.rule;

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
    Rankings.groupsOrExtreme(match, 0, 3, direction, by).ifPresent(out);
  }
}
