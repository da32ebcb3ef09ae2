package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "where does Larkspur rank", "how does Larkspur rank among the huts by revenue" [where] [value]
 * [rank] -> its place
 */
final class WhereRanksRule extends Rule {
  WhereRanksRule() {
    super(
        Slot.word(Role.WHERE, Role.HOW),
        Slot.word(Role.AUXILIARY, Role.BE),
        Slot.a(Phrase.Values.class, Rankings::isOne),
        Slot.word(Role.STAND),
        Slot.word(Role.AMONG_GROUPS, Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(4) == match.has(5)) {
      Rankings.place(match, 2, 5).ifPresent(out);
    }
  }
}
