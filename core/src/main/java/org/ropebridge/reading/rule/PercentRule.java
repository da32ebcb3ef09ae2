package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "60%", "60 percent" [number] [percent] -> the share that it is */
final class PercentRule extends Rule {
  PercentRule() {
    super(Slot.a(Meaning.NumberWord.class), Slot.word(Role.PERCENT));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Phrase.Amount(
            match.get(0, Meaning.NumberWord.class).number(), Optional.of(Keeps.PERCENT)));
  }
}
