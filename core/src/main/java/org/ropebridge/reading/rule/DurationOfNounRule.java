package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "average repair duration" [statistic] [noun] [duration] -> the statistic of the time from the
 * rows' own date to the one at which they were over
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
    Measure.Kind kind =
        match
            .find(0, Phrase.Statistics.class)
            .map(s -> s.statistics().get(0).kind())
            .orElse(Measure.Kind.AVERAGE);
    boolean fits =
        !match.isPlural(1)
            && kind != Measure.Kind.PERCENTILE
            && kind != Measure.Kind.STANDARD_DEVIATION;
    if (fits) {
      HowLongTakesRule.duration(match.get(1, Meaning.RowNoun.class).table(), kind, scope)
          .ifPresent(d -> out.accept(Contribution.Measures.of(d)));
    }
  }
}
