package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "2.5 k", "3 million" [number] [scale] -> the number times the scale */
final class ScaledNumberRule extends Rule {
  private static final BigDecimal THOUSAND = BigDecimal.valueOf(1000);

  ScaledNumberRule() {
    super(Slot.a(Meaning.NumberWord.class), Slot.word(Role.THOUSAND, Role.MILLION));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal number = match.get(0, Meaning.NumberWord.class).number();
    int zeros = match.isWord(1, Role.THOUSAND) ? 3 : 6;
    // "2000 m" are metres, and no thousands of millions.
    if (number.abs().compareTo(THOUSAND) < 0) {
      out.accept(new Meaning.NumberWord(number.scaleByPowerOfTen(zeros)));
    }
  }
}
