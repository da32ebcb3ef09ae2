package org.ropebridge.reading.rule;

import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "every July" [every] [month] -> that month of all years */
final class EveryMonthRule extends Rule {
  EveryMonthRule() {
    super(Slot.word(Role.EVERY), Slot.a(Meaning.MonthWord.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Narrowing(
            Filter.Recurring.in(
                Set.of(match.get(1, Meaning.MonthWord.class).month().getValue()), false)));
  }
}
