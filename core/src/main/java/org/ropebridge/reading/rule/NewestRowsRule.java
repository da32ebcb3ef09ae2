package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "last 10 stays", "most recent callout", "oldest bridges" [newest] [number] [noun] -> rows at that
 * end of their dates
 */
final class NewestRowsRule extends Rule {
  NewestRowsRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.word(Role.NEWEST, Role.OLDEST, Role.YOUNGEST, Role.ELDEST, Role.LAST),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(0) && match.has(2)) {
      return;
    }
    String table = match.get(4, Meaning.RowNoun.class).table();
    int count =
        match
            .find(0, Meaning.NumberWord.class)
            .or(() -> match.find(2, Meaning.NumberWord.class))
            .map(n -> Times.smallWhole(n.number()))
            .orElse(match.isPlural(4) ? Contribution.Ranked.SEVERAL : 1);
    boolean byBirth = match.isWord(1, Role.YOUNGEST) || match.isWord(1, Role.ELDEST);
    boolean newest = !match.isWord(1, Role.OLDEST) && !match.isWord(1, Role.ELDEST);
    if (count >= 1) {
      List<ColumnRef> dates = byBirth ? scope.birthOf(table) : scope.datesOf(table);
      for (ColumnRef date : dates.isEmpty() ? scope.yearsOf(table) : dates) {
        out.accept(
            Rankings.narrowed(
                new Contribution.EndRows(table, new Listing.Order(date, newest), count), match, 3));
      }
    }
  }
}
