package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "today", "yesterday" [today] -> that day */
final class TodayRule extends Rule {
  TodayRule() {
    super(Slot.word(Role.TODAY, Role.YESTERDAY));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Phrase.Time(
            match.isWord(0, Role.TODAY)
                ? Period.Relative.current(Period.Unit.DAY)
                : Period.Relative.previous(Period.Unit.DAY),
            true));
  }
}
