package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how long was the longest stay", "how high is the highest hut" [how long] [longest] [noun] -> the
 * end of what it measures
 */
final class HowLongExtremeRule extends Rule {
  HowLongExtremeRule() {
    super(
        Slot.a(Meaning.HowWord.class),
        Slot.a(Meaning.SuperlativeWord.class),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.LAST).maybe());
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.HowWord how = match.get(0, Meaning.HowWord.class);
    Meaning.SuperlativeWord end = match.get(1, Meaning.SuperlativeWord.class);
    String table = match.get(3, Meaning.RowNoun.class).table();
    if (end.isOfAnything() || how.dimensions().contains(end.dimension())) {
      Columns.measured(end.most() ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM, table, how, scope)
          .ifPresent(measured -> out.accept(Rankings.narrowed(measured, match, 2)));
    }
  }
}
