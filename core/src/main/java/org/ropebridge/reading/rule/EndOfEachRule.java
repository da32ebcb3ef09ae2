package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "the highest in each" [superlative] [each] -> the most of every group, in place of another */
final class EndOfEachRule extends Rule {
  EndOfEachRule() {
    super(
        Slot.a(Meaning.SuperlativeWord.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.word(Role.PER, Role.EVERY));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean most = match.get(0, Meaning.SuperlativeWord.class).most();
    out.accept(new Contribution.OtherStatistic(most ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM));
  }
}
