package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "at Larkspur and at Quill" [preposition] [value] [and] [preposition] [value] -> rows of the one
 * kind and rows of the other
 */
final class BothPlacesRule extends Rule {
  BothPlacesRule() {
    super(
        Slot.word(Role.PREPOSITION),
        Slot.a(Phrase.Values.class, v -> v.stored().size() == 1),
        Slot.word(Role.AND),
        Slot.word(Role.PREPOSITION),
        Slot.a(Phrase.Values.class, v -> v.stored().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values one = match.get(1, Phrase.Values.class);
    Phrase.Values other = match.get(4, Phrase.Values.class);
    if (one.column().equals(other.column()) && !one.equals(other)) {
      out.accept(new Contribution.BothOf(one.filter(false), other.filter(false)));
    }
  }
}
