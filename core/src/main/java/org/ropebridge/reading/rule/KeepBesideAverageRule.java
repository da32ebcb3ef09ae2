package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Plan;

/** "keeping revenue above the average" [measure] [above average] -> keeps groups above the mean */
final class KeepBesideAverageRule extends Rule {
  KeepBesideAverageRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.KEEPING, Role.BE).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1),
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.BesideAverage.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Keeping(
            new Plan.Keep(
                match.get(1, Contribution.Measures.class).measures().get(0),
                new Plan.BesideAverage(match.get(3, Phrase.BesideAverage.class).above())),
            match.isWord(0, Role.KEEPING)));
  }
}
