package org.ropebridge.reading.rule;

import java.util.Optional;
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
    int count = Rankings.wanted(match, 0, 2);
    if (match.has(2) && count >= 1) {
      out.accept(
          new Contribution.Ranked(
              Contribution.Direction.TOP,
              count,
              Optional.of(match.get(2, Phrase.Groupable.class).grouping()),
              Optional.of(by)));
    } else if (!match.has(0) && !match.has(2)) {
      out.accept(new Contribution.Extreme(Contribution.Direction.TOP, by));
    }
  }
}
