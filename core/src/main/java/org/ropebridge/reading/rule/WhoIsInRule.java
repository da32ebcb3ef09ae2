package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "who is in the Networks team", "who lives in Ossel" [who] [is in, or lives in] [values] [noun of
 * them] -> the people that belong there
 */
final class WhoIsInRule extends Rule {
  WhoIsInRule() {
    super(
        Slot.word(Role.WHO),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.PREPOSITION, Role.LIVING),
        Slot.a(Phrase.Values.class, v -> v.column().role().isEmpty()),
        Slot.a(Part.class, ValuesOfColumnRule::isHolder).maybe());
  }

  @Override
  public double bonus() {
    return 1.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(3, Phrase.Values.class);
    if (match.start() > 0 || match.has(1) == match.isWord(2, Role.LIVING)) {
      return;
    }
    boolean fits =
        match
            .find(4, Part.class)
            .map(h -> ValuesOfColumnRule.holder(h, values, scope).isPresent())
            .orElse(true);
    for (ColumnRef person : scope.persons()) {
      String people = person.table();
      boolean belong =
          scope.model().namesItsTable(person)
              && (people.equals(values.column().table())
                  || scope.pointsAt(people, values.column().table()));
      if (fits && belong && !values.column().equals(person)) {
        out.accept(
            new Contribution.Together(
                List.of(
                    new Contribution.Noun(people),
                    new Contribution.Showing(),
                    new Contribution.Narrowing(values.filter(false)))));
      }
    }
  }
}
