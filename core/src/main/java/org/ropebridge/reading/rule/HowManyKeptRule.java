package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how many of these are above 20000" [how many] [those] [are] [comparison] -> how many groups of
 * the answer before compare so
 */
final class HowManyKeptRule extends Rule {
  HowManyKeptRule() {
    super(
        Slot.word(Role.COUNT),
        Slot.word(Role.THOSE).maybe(),
        Slot.word(Role.WITH, Role.PREPOSITION, Role.BE, Role.HAVE).maybe(),
        Slot.a(Phrase.Comparing.class));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.CountKept(match.get(3, Phrase.Comparing.class)));
  }
}
