package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "between May and August", "from 1 March to 12 May 2025" [between] [time] [and] [time] -> from the
 * beginning of the first to the end of the second
 */
final class TimeRangeRule extends Rule {
  TimeRangeRule() {
    super(
        Slot.word(Role.BETWEEN, Role.FROM, Role.SINCE),
        Slot.a(Phrase.Time.class),
        Slot.word(Role.TO),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Times.fromTo(match.get(1, Phrase.Time.class), match.get(3, Phrase.Time.class), scope)
        .ifPresent(out);
  }
}
