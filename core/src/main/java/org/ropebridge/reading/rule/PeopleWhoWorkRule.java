package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "agents who work in Dunsel" [noun of people] [who] [work] -> those people */
final class PeopleWhoWorkRule extends Rule {
  PeopleWhoWorkRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.word(Role.PREPOSITION).maybe(), Slot.word(Role.WORK));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RowNoun people = match.get(0, Meaning.RowNoun.class);
    if (scope.arePeople(people.table())) {
      out.accept(people);
    }
  }
}
