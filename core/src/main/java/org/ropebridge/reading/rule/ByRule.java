package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "by valley", "per hut", "for each channel" [by] [something to group by] -> a breakdown */
final class ByRule extends Rule {
  ByRule() {
    super(Slot.word(Role.PREPOSITION).maybe(), Slot.word(Role.BY), Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Groupings(List.of(match.get(2, Phrase.Groupable.class).grouping())));
  }
}
