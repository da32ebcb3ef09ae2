package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "leaving Ossel out" [leaving] [values] [out] -> no rows with them */
final class LeavingOutRule extends Rule {
  LeavingOutRule() {
    super(Slot.word(Role.LEAVE_OUT), Slot.a(Phrase.Values.class), Slot.word(Role.OUT));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    out.accept(new Contribution.Narrowing(values.filter(true)));
  }
}
