package org.ropebridge.reading.rule;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "Mondays", "Saturdays and Sundays", "weekends" [weekday] [and] [weekdays] -> the days together
 */
final class WeekdaysRule extends Rule {
  WeekdaysRule() {
    super(
        Slot.a(Part.class, WeekdaysRule::isDay),
        Slot.word(Role.AND, Role.OR, Role.COMMA).maybe(),
        Slot.a(Phrase.Weekdays.class).maybe());
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
      Set<DayOfWeek> weekend = EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
      boolean isWeekend = part.equals(new Meaning.FunctionWord(Role.WEEKEND));
      days.addAll(isWeekend ? weekend : EnumSet.complementOf(EnumSet.copyOf(weekend)));
    }
    match.find(2, Phrase.Weekdays.class).ifPresent(more -> days.addAll(more.days()));
    out.accept(new Phrase.Weekdays(days));
  }

  private static boolean isDay(Part part) {
    return part instanceof Meaning.WeekdayWord
        || part.equals(new Meaning.FunctionWord(Role.WEEKEND))
        || part.equals(new Meaning.FunctionWord(Role.WORKDAYS));
  }
}
