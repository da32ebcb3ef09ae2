package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "members versus guests" [values] [versus] [values of the same column] -> both side by side */
final class ValuesVersusRule extends Rule {
  ValuesVersusRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class),
        Slot.word(Role.VERSUS, Role.TOWARDS),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values one = match.get(1, Phrase.Values.class);
    Phrase.Values two = match.get(4, Phrase.Values.class);
    boolean same = one.column().equals(two.column());
    if (same && Collections.disjoint(one.stored(), two.stored())) {
      List<String> all = new ArrayList<>(one.stored());
      all.addAll(two.stored());
      out.accept(new Contribution.Opposed(new Phrase.Values(one.column(), all)));
    }
  }
}
