package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "the lowest 10", "three highest", "the lowest" [number] [superlative] [number] -> so many of the
 * groups, or the other end of them
 */
final class EndAloneRule extends Rule {
  EndAloneRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Part.class, Rankings::isAnyEnd),
        Slot.a(Meaning.NumberWord.class).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.has(0) && !match.has(2)) {
      out.accept(new Contribution.OtherEnd(Rankings.direction(match.get(1, Part.class))));
      return;
    } else if (match.has(0) && match.has(2)) {
      return;
    }
    Named.count(match.get(match.has(0) ? 0 : 2, Meaning.NumberWord.class).number())
        .ifPresent(
            n ->
                out.accept(
                    new Contribution.Ranked(
                        Rankings.direction(match.get(1, Part.class)),
                        n,
                        Optional.empty(),
                        Optional.empty())));
  }
}
