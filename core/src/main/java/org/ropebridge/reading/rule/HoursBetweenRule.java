package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "between 18 and 22 o'clock", "from 6 pm to 10 pm" [between] [hour] [and] [hour] -> the hours
 * between
 */
final class HoursBetweenRule extends Rule {
  private static final int DAY = 24;

  HoursBetweenRule() {
    super(
        Slot.word(Role.BETWEEN, Role.FROM, Role.SINCE),
        Slot.a(Part.class, p -> p instanceof Phrase.Clock || p instanceof Meaning.NumberWord),
        Slot.word(Role.AND, Role.TO, Role.UNTIL),
        Slot.a(Phrase.Clock.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part first = match.get(1, Part.class);
    int from =
        first instanceof Phrase.Clock clock
            ? clock.hour()
            : ((Meaning.NumberWord) first).number().intValue();
    int to = match.get(3, Phrase.Clock.class).hour();
    boolean wholeDay = from == 0 && to == DAY;
    if (from >= 0 && from < DAY && (from != to % DAY || wholeDay)) {
      out.accept(new Phrase.Hours(from, to));
    }
  }
}
