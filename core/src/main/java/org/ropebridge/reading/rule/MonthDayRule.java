package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "May 12", "May 12, 2025" [month] [day] [year] -> that day; without a year the newest one */
final class MonthDayRule extends Rule {
  MonthDayRule() {
    super(
        Slot.a(Meaning.MonthWord.class),
        Slot.a(Part.class, Times::isDayNumber),
        Slot.word(Role.COMMA).maybe(),
        Slot.a(Phrase.Time.class, Times::isYear).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Times.day(
            match.get(1, Part.class),
            match.get(0, Meaning.MonthWord.class).month(),
            match.find(3, Phrase.Time.class),
            scope)
        .ifPresent(out);
  }
}
