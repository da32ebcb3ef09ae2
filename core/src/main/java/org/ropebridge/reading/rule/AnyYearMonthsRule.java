package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "every July", "in July and August of any year" [months] [of any year] -> those months of all
 * years
 */
final class AnyYearMonthsRule extends Rule {
  AnyYearMonthsRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.ONLY).maybe(),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Months.class),
        Slot.word(Role.ANY_YEAR));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Narrowing(
            Filter.Recurring.in(
                match.get(2, Phrase.Months.class).numbers(), match.isWord(0, Role.EXCLUDING))));
  }
}
