package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "highest hut", "the 10 longest stays" [number] [superlative] [noun, narrowed or not] -> rows at
 * that end of the column that the adjective measures
 */
final class ExtremeRowsRule extends Rule {
  ExtremeRowsRule() {
    super(
        Slot.a(Meaning.RankWord.class, Meaning.RankWord::top).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.SuperlativeWord.class),
        Slot.a(
            Part.class, p -> p instanceof Meaning.RowNoun || p instanceof Contribution.NounWith));
  }

  @Override
  public double bonus() {
    return 0.12;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.SuperlativeWord word = match.get(2, Meaning.SuperlativeWord.class);
    Optional<Contribution.NounWith> narrowed = match.find(3, Contribution.NounWith.class);
    String table =
        narrowed
            .map(Contribution.NounWith::table)
            .orElseGet(() -> match.get(3, Meaning.RowNoun.class).table());
    boolean named = scope.namingColumn(table).isPresent();
    boolean several = match.has(1) || match.isPlural(3);
    int count = Rankings.wanted(match, 1, 3);
    if (match.has(0) && !match.has(1)) {
      return;
    }
    if (count < 1 || !named && !several) {
      return;
    }
    for (ColumnRef column : scope.measuredBy(table, word.dimension())) {
      Contribution rows =
          new Contribution.EndRows(table, new Listing.Order(column, word.most()), count);
      out.accept(
          narrowed
              .<Contribution>map(
                  n ->
                      new Contribution.Together(
                          List.of(rows, new Contribution.Narrowing(n.filter()))))
              .orElse(rows));
    }
  }
}
