package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "keeping revenue above that of Larkspur" [measure] [above that of a group] -> keeps groups beyond
 * it
 */
final class KeepBesideGroupRule extends Rule {
  KeepBesideGroupRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.KEEPING, Role.BE).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1),
        Slot.word(Role.BE).maybe(),
        Slot.a(Phrase.BesideGroup.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Keeping(
            keep(
                match.get(1, Contribution.Measures.class).measures().get(0),
                match.get(3, Phrase.BesideGroup.class)),
            match.isWord(0, Role.KEEPING)));
  }

  /** Groups of the value's column, where their measure lies beyond its own. */
  static Contribution told(Measure of, Phrase.BesideGroup beside) {
    return new Contribution.BesideOne(keep(of, beside), beside.column());
  }

  private static Plan.Keep keep(Measure of, Phrase.BesideGroup beside) {
    return new Plan.Keep(of, beside.test());
  }
}
