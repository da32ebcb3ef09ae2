package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;

/**
 * "top 10 open deals" [head of a ranking] [filter] [noun of rows without names] -> those with the
 * most or least of what the preferred metric sums up, or of their only amount of money
 */
final class TopRowsRule extends Rule {
  TopRowsRule() {
    super(
        Slot.a(Phrase.RankHead.class, h -> !h.direction().isJudged()),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Part.class, Phrase.SomeRows::isNamedBy));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.RankHead head = match.get(0, Phrase.RankHead.class);
    Optional<Contribution.NounWith> narrowed = match.find(2, Contribution.NounWith.class);
    String table =
        narrowed
            .map(Contribution.NounWith::table)
            .orElseGet(() -> match.get(2, Meaning.RowNoun.class).table());
    Optional<ColumnRef> amount = amount(table, scope);
    if (scope.haveNames(table) || amount.isEmpty()) {
      return;
    }
    boolean most = head.direction() == Contribution.Direction.TOP;
    int count = head.count().orElse(match.isPlural(2) ? Contribution.Ranked.SEVERAL : 1);
    List<Contribution> parts = new ArrayList<>();
    parts.add(new Contribution.EndRows(table, new Listing.Order(amount.get(), most), count));
    narrowed.ifPresent(n -> parts.add(new Contribution.Narrowing(n.filter())));
    match.find(1, Contribution.Narrowing.class).ifPresent(parts::add);
    out.accept(new Contribution.Together(parts));
  }

  private static Optional<ColumnRef> amount(String table, Scope scope) {
    return scope
        .model()
        .preferences()
        .topBy()
        .flatMap(scope::summedBy)
        .filter(c -> c.table().equals(table))
        .or(() -> Columns.totalMoney(table, scope).map(m -> ((Measure.Statistic) m).column()));
  }
}
