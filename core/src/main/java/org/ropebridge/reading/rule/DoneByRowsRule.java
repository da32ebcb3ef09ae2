package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "bookings made by members" [made by] [noun of people, in the plural] -> rows that have one */
final class DoneByRowsRule extends Rule {
  DoneByRowsRule() {
    super(Slot.word(Role.MADE_BY), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isPlural(1)) {
      scope
          .namingColumn(match.get(1, Meaning.RowNoun.class).table())
          .filter(scope.persons()::contains)
          .ifPresent(c -> out.accept(new Contribution.Narrowing(new Filter.Missing(c, true))));
    }
  }
}
