package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;

/** "2025-05-12" [day] -> that day */
final class WrittenDayRule extends Rule {
  WrittenDayRule() {
    super(Slot.a(Meaning.DayWord.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(Times.said(Period.Unit.DAY, match.get(0, Meaning.DayWord.class).day()));
  }
}
