package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "highest paid mate", "the 2 longest comedies" [number] [superlative] [values that stand for rows]
 * -> such rows at that end of the column that the adjective measures
 */
final class ExtremeOfValueRule extends Rule {
  ExtremeOfValueRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.SuperlativeWord.class),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(2, Phrase.Values.class);
    String table = values.column().table();
    boolean rows =
        scope.namingColumn(table).isPresent()
            && !scope.model().namesItsTable(values.column())
            && values.column().role().isEmpty();
    int count = Rankings.wanted(match, 0, 2);
    Meaning.SuperlativeWord word = match.get(1, Meaning.SuperlativeWord.class);
    if (!rows || count < 1 || word.dimension().equals("amount")) {
      return;
    }
    for (ColumnRef column : scope.measuredBy(table, word.dimension())) {
      out.accept(
          new Contribution.EndRowsWith(
              new Contribution.EndRows(table, new Listing.Order(column, word.most()), count),
              values.filter(false)));
    }
  }
}
