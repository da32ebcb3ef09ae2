package org.ropebridge.reading.rule;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "on Mondays", "at weekends", "Saturdays and Sundays"
 *  [weekday] [and] [weekday]   ->   keeps what falls on those days
 */
final class WeekdaysRule extends Rule {
  WeekdaysRule() {
    super(Slot.a(Part.class, WeekdaysRule::isDay),
        Slot.word(Role.AND, Role.OR, Role.COMMA).maybe(),
        Slot.a(Contribution.Narrowing.class, n -> n.filter() instanceof Filter.OnWeekdays).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) != match.has(2)) {
      return;
    }
    Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
    Part part = match.get(0, Part.class);
    if (part instanceof Meaning.WeekdayWord word) {
      days.add(word.day());
    } else {
      days.addAll(Set.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY));
    }
    boolean negated = false;
    if (match.has(2)) {
      Filter.OnWeekdays others =
          (Filter.OnWeekdays) match.get(2, Contribution.Narrowing.class).filter();
      if (others.negated() || others.date().isPresent()) {
        return;
      }
      days.addAll(others.days());
    }
    out.accept(
        new Contribution.Narrowing(new Filter.OnWeekdays(days, Optional.empty(), negated)));
  }

  private static boolean isDay(Part part) {
    return part instanceof Meaning.WeekdayWord
        || part.equals(new Meaning.FunctionWord(Role.WEEKEND));
  }
}
