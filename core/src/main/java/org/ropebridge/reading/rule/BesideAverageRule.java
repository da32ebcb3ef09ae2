package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "above the average", "below average" [above] [level] -> a comparison with the mean of all groups
 */
final class BesideAverageRule extends Rule {
  BesideAverageRule() {
    super(
        Slot.word(Role.ABOVE, Role.BELOW),
        Slot.a(Meaning.LevelWord.class, l -> l.level() == Measure.Level.AVERAGE));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Phrase.BesideAverage(match.isWord(0, Role.ABOVE)));
  }
}
