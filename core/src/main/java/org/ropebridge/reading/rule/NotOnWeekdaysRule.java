package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "excluding Sundays", "only on Mondays"
 *  [excluding] [weekdays]   ->   leaves those days out
 */
final class NotOnWeekdaysRule extends Rule {
  NotOnWeekdaysRule() {
    super(Slot.word(Role.EXCLUDING, Role.ONLY, Role.PREPOSITION),
        Slot.a(Contribution.Narrowing.class, n -> n.filter() instanceof Filter.OnWeekdays w && !w.negated()));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter.OnWeekdays on = (Filter.OnWeekdays) match.get(1, Contribution.Narrowing.class).filter();
    out.accept(
        new Contribution.Narrowing(
            new Filter.OnWeekdays(on.days(), on.date(), match.isWord(0, Role.EXCLUDING))));
  }
}
