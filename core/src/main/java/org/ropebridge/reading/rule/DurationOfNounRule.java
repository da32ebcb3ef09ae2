package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "average repair time" [statistic] [noun] [duration] -> the statistic of how long the rows took
 */
final class DurationOfNounRule extends Rule {
  DurationOfNounRule() {
    super(
        Slot.a(Phrase.Statistics.class).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.DURATION_NOUN));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Statistic statistic =
        match
            .find(0, Phrase.Statistics.class)
            .map(s -> s.statistics().get(0))
            .orElse(new Phrase.Statistic(Measure.Kind.AVERAGE, 0));
    List<ColumnRef> times =
        scope.measuredBy(match.get(1, Meaning.RowNoun.class).table(), Dimensions.TIME);
    if (!match.isPlural(1) && times.size() == 1) {
      out.accept(
          Contribution.Measures.of(
              new Measure.Statistic(statistic.kind(), times.get(0), statistic.percentile())));
    }
  }
}
