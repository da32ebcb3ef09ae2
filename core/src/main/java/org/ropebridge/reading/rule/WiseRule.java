package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "revenue valley wise" [something to group by] [wise] -> by that */
final class WiseRule extends Rule {
  WiseRule() {
    super(Slot.a(Phrase.Groupable.class), Slot.word(Role.WISE));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Groupings(List.of(match.get(0, Phrase.Groupable.class).grouping())));
  }
}
