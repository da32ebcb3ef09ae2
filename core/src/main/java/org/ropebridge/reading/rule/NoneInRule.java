package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "huts with callouts in 2024 but none in 2025" [none] [in] [time] -> those that have none of the
 * same in that time
 */
final class NoneInRule extends Rule {
  NoneInRule() {
    super(Slot.word(Role.NONE), Slot.word(Role.PREPOSITION), Slot.a(Phrase.Time.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Narrowing(
            new Filter.InPeriod(match.get(2, Phrase.Time.class).period(), Optional.empty(), true)));
  }
}
