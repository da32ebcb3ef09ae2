package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "sent to Sandia University" [to] [values] -> rows with those values */
final class ToValuesRule extends Rule {
  ToValuesRule() {
    super(Slot.word(Role.TOWARDS), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return -0.02;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    out.accept(new Contribution.Narrowing(values.filter(false)));
  }
}
