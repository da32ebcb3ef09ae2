package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "in 2025", "during the Lantern Week", "excluding 2024" [time] -> keeps, or leaves out, what lies
 * in the time
 */
final class InTimeRule extends Rule {
  InTimeRule() {
    super(
        Slot.word(Role.EXCLUDING, Role.ONLY).maybe(),
        Slot.word(Role.PREPOSITION, Role.OVER).maybe(),
        Slot.a(Phrase.Time.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Narrowing(
            new Filter.InPeriod(
                match.get(2, Phrase.Time.class).period(),
                Optional.empty(),
                match.isWord(0, Role.EXCLUDING)),
            false,
            !match.get(2, Phrase.Time.class).yearSaid()));
  }
}
