package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "the second best", "which one is second" [which] [ordinal] [superlative] -> the group at that
 * place
 */
final class AtPlaceRule extends Rule {
  AtPlaceRule() {
    super(
        Slot.word(Role.WHICH, Role.WHO).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.OrdinalWord.class, o -> o.number() > 1),
        Slot.a(Part.class, Rankings::isAnyEnd).maybe());
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean top =
        !match.has(3)
            || Rankings.direction(match.get(3, Part.class)) == Contribution.Direction.TOP
            || Rankings.direction(match.get(3, Part.class)) == Contribution.Direction.BEST;
    if (top) {
      out.accept(new Contribution.AtPlace(match.get(2, Meaning.OrdinalWord.class).number()));
    }
  }
}
