package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "teachers that work here", "how many people are employed" [noun of people that leave at a date]
 * [are here] -> those that have not left
 */
final class StillHereRule extends Rule {
  StillHereRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.word(Role.STILL_HERE));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    scope.stillHere(table).ifPresent(f -> out.accept(new Contribution.NounWith(table, f)));
  }
}
