package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "within each valley" [within each] [something to group by] -> so many for each of them */
final class WithinRule extends Rule {
  WithinRule() {
    super(Slot.word(Role.WITHIN_EACH), Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(new Contribution.Within(match.get(1, Phrase.Groupable.class).grouping()));
  }
}
