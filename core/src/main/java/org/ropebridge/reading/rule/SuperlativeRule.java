package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/** "highest altitude" [superlative] -> the statistic that finds the end */
final class SuperlativeRule extends Rule {
  SuperlativeRule() {
    super(Slot.a(Meaning.SuperlativeWord.class, s -> !s.dimension().equals("amount")));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.SuperlativeWord word = match.get(0, Meaning.SuperlativeWord.class);
    boolean most = word.most();
    out.accept(
        new Phrase.Statistics(
            List.of(new Phrase.Statistic(most ? Measure.Kind.MAXIMUM : Measure.Kind.MINIMUM, 0)),
            true,
            word.isOfAnything() ? "" : word.dimension()));
  }
}
