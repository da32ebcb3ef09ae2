package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "the difference to 2024" [change] [to] [time] -> how the numbers moved from that time */
final class ChangeToRule extends Rule {
  ChangeToRule() {
    super(
        Slot.a(Meaning.MoveWord.class, m -> m.move() != Measure.Move.BEFORE),
        Slot.word(Role.TO, Role.TOWARDS, Role.FROM, Role.WITH, Role.VERSUS),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.ToldSince(
            ToldAsRule.telling(match.get(0, Meaning.MoveWord.class)),
            match.get(2, Phrase.Time.class)));
  }
}
