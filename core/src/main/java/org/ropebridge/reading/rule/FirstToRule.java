package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "the first member to join", "who was the last to leave" [who] [was] [first or last] [number]
 * [noun] [to] [be] [date, as a verb] -> the rows at that end of the date
 */
final class FirstToRule extends Rule {
  FirstToRule() {
    super(
        Slot.word(Role.WHO, Role.WHICH).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.OLDEST, Role.NEWEST, Role.FIRST, Role.LAST),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.TO),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(7, Meaning.ColumnName.class).column();
    boolean named =
        match
            .find(4, Meaning.RowNoun.class)
            .map(n -> n.table().equals(date.table()))
            .orElseGet(() -> match.has(0) && scope.arePeople(date.table()));
    int count = match.has(3) || match.has(4) ? Rankings.wanted(match, 3, 4) : 1;
    if (named && scope.isTemporal(date) && count > 0) {
      boolean newest = match.isWord(2, Role.NEWEST) || match.isWord(2, Role.LAST);
      out.accept(new Contribution.EndRows(date.table(), new Listing.Order(date, newest), count));
    }
  }
}
