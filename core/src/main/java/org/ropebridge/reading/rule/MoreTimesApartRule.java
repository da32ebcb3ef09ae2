package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Period;

/** "January, March and May 2025" [time] [and] [times apart] -> all of them */
final class MoreTimesApartRule extends Rule {
  MoreTimesApartRule() {
    super(
        Slot.a(Phrase.Time.class),
        Slot.word(Role.AND, Role.OR, Role.COMMA),
        Slot.a(Phrase.TimesApart.class));
  }

  @Override
  public double bonus() {
    return 0.13;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Time one = match.get(0, Phrase.Time.class);
    List<DayRange> others = match.get(2, Phrase.TimesApart.class).times();
    Phrase.Time first = Times.said(Period.Unit.DAY, others.get(0).first().orElseThrow());
    Times.apart(Times.inListWith(one, first, scope), others, scope).ifPresent(out);
  }
}
