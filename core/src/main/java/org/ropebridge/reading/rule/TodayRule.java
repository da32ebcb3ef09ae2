package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Period;

/** "today", "tomorrow" [today] -> that day */
final class TodayRule extends Rule {
  TodayRule() {
    super(Slot.word(Role.TODAY, Role.YESTERDAY, Role.TOMORROW));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Phrase.Time(
            switch (match.get(0, Meaning.FunctionWord.class).role()) {
              case TODAY -> Period.Relative.current(Period.Unit.DAY);
              case TOMORROW -> Period.Relative.next(1, Period.Unit.DAY);
              default -> Period.Relative.previous(Period.Unit.DAY);
            },
            true));
  }
}
