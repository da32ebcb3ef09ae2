package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.TimeUnit;

/**
 * "after 6 pm", "at night", "excluding between 18 and 22 o'clock" [after] [hour] -> rows at such
 * hours of any day
 */
final class HoursRule extends Rule {
  private static final int DAY = 24;

  HoursRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.ONLY).maybe(),
        Slot.a(Part.class, p -> p instanceof Meaning.HoursWord || p instanceof Phrase.Hours));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part part = match.get(1, Part.class);
    Set<Integer> hours = new TreeSet<>();
    int from = part instanceof Meaning.HoursWord word ? word.from() : ((Phrase.Hours) part).from();
    int to = part instanceof Meaning.HoursWord word ? word.to() : ((Phrase.Hours) part).to();
    for (int hour = from % DAY; hour != to % DAY || hours.isEmpty(); hour = (hour + 1) % DAY) {
      hours.add(hour);
    }
    out.accept(
        new Contribution.Narrowing(
            new Filter.Recurring(
                TimeUnit.HOUR_OF_DAY, hours, Optional.empty(), match.isWord(0, Role.EXCLUDING))));
  }
}
