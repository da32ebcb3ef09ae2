package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "descending", "highest first" [direction] -> an order by the first measure */
final class DirectionRule extends Rule {
  DirectionRule() {
    super(Slot.a(Meaning.DirectionWord.class));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Order(
            Optional.empty(),
            false,
            Optional.of(match.get(0, Meaning.DirectionWord.class).descending())));
  }
}
