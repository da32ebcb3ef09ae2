package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "the lowest 10", "three highest", "the lowest", "who has the most" [which] [has] [number]
 * [superlative] [number] -> so many of the groups, or the one at that end of groups or rows
 */
final class EndAloneRule extends Rule {
  EndAloneRule() {
    super(
        Slot.word(Role.WHO, Role.WHICH).maybe(),
        Slot.word(Role.HAVE).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Part.class, Rankings::isAnyEnd),
        Slot.a(Meaning.NumberWord.class).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part end = match.get(3, Part.class);
    Contribution.Direction direction = Rankings.direction(end);
    String dimension = end instanceof Meaning.SuperlativeWord s ? s.dimension() : "";
    if (!match.has(2) && !match.has(4)) {
      out.accept(new Contribution.OtherEnd(direction, dimension, Optional.empty()));
      return;
    } else if (match.has(2) && match.has(4)) {
      return;
    }
    Named.count(match.get(match.has(2) ? 2 : 4, Meaning.NumberWord.class).number())
        .ifPresent(
            n -> {
              out.accept(new Contribution.Ranked(direction, n, Optional.empty(), Optional.empty()));
              out.accept(new Contribution.OtherEnd(direction, dimension, Optional.of(n)));
            });
  }
}
