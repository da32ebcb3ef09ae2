package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "the next year", "the following month", "the year after" [next] [unit of time] [after] -> the
 * unit that follows the time of before
 */
final class SpanAfterRule extends Rule {
  SpanAfterRule() {
    super(
        Slot.word(Role.NEXT, Role.FOLLOWING).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> !u.adverb() && u.period().isPresent()),
        Slot.word(Role.AFTER).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) != match.has(2)) {
      out.accept(
          new Contribution.SpanAfter(
              match.get(1, Meaning.TimeUnitWord.class).period().orElseThrow()));
    }
  }
}
