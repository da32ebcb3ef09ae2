package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;

/**
 * "highest hut", "the 10 longest stays", "3 largest unpaid invoices" [number] [superlative]
 * [number] [filter] [noun, narrowed or not] -> rows at that end of the column that the adjective
 * measures
 */
final class ExtremeRowsRule extends Rule {
  /** The slot of the noun. */
  private static final int NOUN = 5;

  ExtremeRowsRule() {
    super(
        Slot.a(Meaning.RankWord.class, Meaning.RankWord::top).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.SuperlativeWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Part.class, Phrase.SomeRows::isNamedBy));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.SuperlativeWord word = match.get(2, Meaning.SuperlativeWord.class);
    Optional<Contribution.NounWith> narrowed = match.find(NOUN, Contribution.NounWith.class);
    String table =
        narrowed
            .map(Contribution.NounWith::table)
            .orElseGet(() -> match.get(NOUN, Meaning.RowNoun.class).table());
    int number = match.has(1) ? 1 : 3;
    int count = Rankings.wanted(match, number, NOUN);
    boolean named = scope.namingColumn(table).isPresent();
    boolean several = match.has(number) || match.isPlural(NOUN);
    boolean numbersFit = !(match.has(1) && match.has(3)) && (!match.has(0) || match.has(1));
    if (count < 1 || !named && !several || !numbersFit) {
      return;
    }
    for (ColumnRef column : scope.measuredBy(table, word.dimension())) {
      List<Contribution> parts = new ArrayList<>();
      parts.add(new Contribution.EndRows(table, new Listing.Order(column, word.most()), count));
      narrowed.ifPresent(n -> parts.add(new Contribution.Narrowing(n.filter())));
      match.find(4, Contribution.Narrowing.class).ifPresent(parts::add);
      out.accept(parts.size() == 1 ? parts.get(0) : new Contribution.Together(parts));
    }
  }
}
