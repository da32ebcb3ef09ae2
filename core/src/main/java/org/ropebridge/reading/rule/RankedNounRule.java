package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/** "hut revenue ranking" [groups with what is told of them] [rank] -> the same with their rank */
final class RankedNounRule extends Rule {
  RankedNounRule() {
    super(Slot.a(Contribution.GroupsTold.class), Slot.word(Role.RANK_OF));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.GroupsTold groups = match.get(0, Contribution.GroupsTold.class);
    if (groups.of() instanceof Measure.Plain plain) {
      out.accept(Contribution.Ordered.ranked(groups.what(), plain));
    }
  }
}
