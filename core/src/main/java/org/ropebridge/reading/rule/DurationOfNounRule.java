package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
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
    if (!match.isPlural(1)) {
      Columns.timeTaken(statistic, match.get(1, Meaning.RowNoun.class).table(), scope)
          .ifPresent(out);
    }
  }
}
