package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "number of cancelled stays", after what it ranks or is told by [number of] [filter] [noun] -> how
 * many such rows there are
 */
final class CountOfSomeRule extends Rule {
  CountOfSomeRule() {
    super(
        Slot.word(Role.BY, Role.WITH, Role.PREPOSITION),
        Slot.word(Role.COUNT),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Part.class, Phrase.SomeRows::isNamedBy));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.SomeRows some = Phrase.SomeRows.of(match, 4, 2, 3);
    if (!some.among().isEmpty()) {
      out.accept(some);
    }
  }
}
