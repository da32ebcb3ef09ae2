package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "which hut is the highest", "what bridge is longest" [which] [noun] [be] [superlative] -> the row
 * at that end
 */
final class WhichIsRule extends Rule {
  WhichIsRule() {
    super(
        Slot.word(Role.WHICH),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BE, Role.AMOUNTS_TO).maybe(),
        Slot.a(
            Part.class,
            p ->
                p instanceof Meaning.SuperlativeWord
                    || p.equals(new Meaning.FunctionWord(Role.NEWEST))
                    || p.equals(new Meaning.FunctionWord(Role.YOUNGEST))
                    || p.equals(new Meaning.FunctionWord(Role.ELDEST))
                    || p.equals(new Meaning.FunctionWord(Role.OLDEST))));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.has(2) && !match.adjoins(3)) {
      // "which hut has the highest revenue" is none of height.
      return;
    }
    String table = match.get(1, Meaning.RowNoun.class).table();
    int count = match.isPlural(1) ? Contribution.Ranked.SEVERAL : 1;
    Part end = match.get(3, Part.class);
    if (end instanceof Meaning.SuperlativeWord word) {
      for (ColumnRef column : scope.measuredBy(table, word.dimension())) {
        out.accept(new Contribution.EndRows(table, new Listing.Order(column, word.most()), count));
      }
    } else {
      boolean byBirth = match.isWord(3, Role.YOUNGEST) || match.isWord(3, Role.ELDEST);
      boolean newest = match.isWord(3, Role.NEWEST) || match.isWord(3, Role.YOUNGEST);
      for (ColumnRef date : byBirth ? scope.birthOf(table) : scope.datesOf(table)) {
        out.accept(new Contribution.EndRows(table, new Listing.Order(date, newest), count));
      }
    }
  }
}
