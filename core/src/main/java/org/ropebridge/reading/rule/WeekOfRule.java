package org.ropebridge.reading.rule;

import java.time.LocalDate;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.TimeUnit;

/** "the week of 12 May 2025" [week] [day] -> the week that holds the day */
final class WeekOfRule extends Rule {
  WeekOfRule() {
    super(
        Slot.a(Meaning.TimeUnitWord.class, u -> u.grouping() == TimeUnit.WEEK),
        Slot.a(Phrase.Time.class, Times::isDay));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    LocalDate day = ((Period.Span) match.get(1, Phrase.Time.class).period()).first();
    out.accept(Times.said(Period.Unit.WEEK, scope.periods().start(Period.Unit.WEEK, day)));
  }
}
