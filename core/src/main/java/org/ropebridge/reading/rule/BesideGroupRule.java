package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Plan;

/** "above that of Larkspur" [above] [that of] [value] -> a comparison with one group */
final class BesideGroupRule extends Rule {
  BesideGroupRule() {
    super(
        Slot.word(Role.ABOVE, Role.BELOW, Role.SAME_AS),
        Slot.word(Role.THAT_OF).maybe(),
        Slot.a(Phrase.Values.class, v -> v.stored().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values group = match.get(2, Phrase.Values.class);
    String value = group.stored().get(0);
    out.accept(
        match.isWord(0, Role.SAME_AS)
            ? new Phrase.BesideGroup(new Plan.LikeGroup(group.column(), value), group.column())
            : new Phrase.BesideGroup(match.isWord(0, Role.ABOVE), group.column(), value));
  }
}
