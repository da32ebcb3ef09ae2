package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "in which valleys", "which valleys" [in] [which] [groups] -> what is counted, by that */
final class InWhichRule extends Rule {
  InWhichRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.WITH).maybe(),
        Slot.word(Role.WHICH),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.InWhich(match.get(2, Phrase.Groupable.class).grouping(), !match.has(0)));
  }
}
