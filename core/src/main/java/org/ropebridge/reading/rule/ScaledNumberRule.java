package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "2.5 k", "3 million" [number] [scale] -> the number times the scale */
final class ScaledNumberRule extends Rule {
  ScaledNumberRule() {
    super(Slot.a(Meaning.NumberWord.class), Slot.word(Role.THOUSAND, Role.MILLION));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int zeros = match.isWord(1, Role.THOUSAND) ? 3 : 6;
    out.accept(
        new Meaning.NumberWord(
            match.get(0, Meaning.NumberWord.class).number().scaleByPowerOfTen(zeros)));
  }
}
