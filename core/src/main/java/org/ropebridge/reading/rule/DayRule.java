package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "12 May 2025", "12th of May" [day] [month] [year] -> that day; without a year the newest one */
final class DayRule extends Rule {
  DayRule() {
    super(
        Slot.a(Part.class, Times::isDayNumber),
        Slot.a(Meaning.MonthWord.class),
        Slot.a(Phrase.Time.class, Times::isYear).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Times.day(
            match.get(0, Part.class),
            match.get(1, Meaning.MonthWord.class).month(),
            match.find(2, Phrase.Time.class),
            scope)
        .ifPresent(out);
  }
}
