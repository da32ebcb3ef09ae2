package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "on Mondays", "at weekends", "excluding Sundays" [weekdays] -> keeps, or leaves out, what falls
 * on those days
 */
final class OnWeekdaysRule extends Rule {
  OnWeekdaysRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.ONLY).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Weekdays.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Narrowing(
            Filter.Recurring.on(
                match.get(2, Phrase.Weekdays.class).days(), match.isWord(0, Role.EXCLUDING))));
  }
}
