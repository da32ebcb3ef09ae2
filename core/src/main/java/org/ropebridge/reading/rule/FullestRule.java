package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "the fullest hut", "is fullest" [number] [superlative of a metric's adjective] [something to
 * group by] -> a ranking by the metric; without what is ranked, what ranks it
 */
final class FullestRule extends Rule {
  FullestRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.MostQualityWord.class),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure by = new Measure.MetricValue(match.get(1, Meaning.MostQualityWord.class).metric());
    Rankings.groupsOrExtreme(match, 0, 2, Contribution.Direction.TOP, by).ifPresent(out);
  }
}
