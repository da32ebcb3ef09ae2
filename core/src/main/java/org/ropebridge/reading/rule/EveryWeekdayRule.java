package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "every Monday" [every] [weekdays] -> what falls on those days */
final class EveryWeekdayRule extends Rule {
  EveryWeekdayRule() {
    super(Slot.word(Role.EVERY, Role.BY), Slot.a(Phrase.Weekdays.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Narrowing(
            Filter.Recurring.on(match.get(1, Phrase.Weekdays.class).days(), false)));
  }
}
