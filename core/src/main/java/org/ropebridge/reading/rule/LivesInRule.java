package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "members who live in Ossel" [live in] [values] -> of those that it is said of, and of nothing
 * that they did
 */
final class LivesInRule extends Rule {
  LivesInRule() {
    super(Slot.word(Role.LIVING), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    out.accept(new Contribution.OfItself(values.filter(false)));
  }
}
