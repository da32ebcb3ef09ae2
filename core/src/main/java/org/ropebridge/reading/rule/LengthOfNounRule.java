package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "average length of an absence" [statistic] [duration] [noun] -> the statistic of how long the
 * rows took, where only one number tells it
 */
final class LengthOfNounRule extends Rule {
  LengthOfNounRule() {
    super(
        Slot.a(Phrase.Statistics.class),
        Slot.word(Role.DURATION_NOUN),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Statistic statistic = match.get(0, Phrase.Statistics.class).statistics().get(0);
    Columns.timeTaken(statistic, match.get(2, Meaning.RowNoun.class).table(), scope).ifPresent(out);
  }
}
