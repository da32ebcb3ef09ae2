package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "hut kind instead", "use valley instead" [swap] [something to group by] [swap] -> a breakdown in
 * the place of its like
 */
final class GroupInsteadRule extends Rule {
  GroupInsteadRule() {
    super(
        Slot.word(Role.SWAP).maybe(), Slot.a(Phrase.Groupable.class), Slot.word(Role.SWAP).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if ((match.has(0) || match.has(2)) && !match.isPlural(1)) {
      out.accept(new Contribution.GroupedInstead(match.get(1, Phrase.Groupable.class).grouping()));
    }
  }
}
