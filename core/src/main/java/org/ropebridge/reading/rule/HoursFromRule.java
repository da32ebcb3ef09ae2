package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "after 6 pm", "before 8 am" [after] [hour] -> the hours from then, or until then */
final class HoursFromRule extends Rule {
  HoursFromRule() {
    super(
        Slot.word(Role.AFTER, Role.SINCE, Role.FROM, Role.BEFORE, Role.UNTIL),
        Slot.a(Phrase.Clock.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int hour = match.get(1, Phrase.Clock.class).hour();
    boolean until = match.isWord(0, Role.BEFORE) || match.isWord(0, Role.UNTIL);
    boolean some = until ? hour > 0 : hour < 24;
    if (some) {
      out.accept(until ? new Phrase.Hours(0, hour) : new Phrase.Hours(hour, 24));
    }
  }
}
