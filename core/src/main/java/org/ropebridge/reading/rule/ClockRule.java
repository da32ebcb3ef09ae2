package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "6 pm", "18 o'clock" [number] [part of the day] -> the hour */
final class ClockRule extends Rule {
  ClockRule() {
    super(
        Slot.a(Meaning.NumberWord.class),
        Slot.word(Role.BEFORE_NOON, Role.AFTER_NOON, Role.O_CLOCK));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal said = match.get(0, Meaning.NumberWord.class).number();
    boolean half = !match.isWord(1, Role.O_CLOCK);
    boolean known =
        said.stripTrailingZeros().scale() <= 0
            && said.compareTo(half ? BigDecimal.ONE : BigDecimal.ZERO) >= 0
            && said.compareTo(BigDecimal.valueOf(half ? 12 : 24)) <= 0;
    if (known) {
      int number = said.intValue();
      int hour = half ? number % 12 + (match.isWord(1, Role.AFTER_NOON) ? 12 : 0) : number;
      out.accept(new Phrase.Clock(hour));
    }
  }
}
