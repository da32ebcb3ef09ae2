package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;

/**
 * "the 3 most popular cars", where "top" means money [number] [most common] [number] [what has a
 * name] -> ranked by how many rows use it
 */
final class MostUsedRule extends Rule {
  MostUsedRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.CommonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(3, Meaning.RowNoun.class).table();
    Optional<String> rows = used(table, match.get(1, Meaning.CommonWord.class), scope);
    Optional<ColumnRef> name = scope.namingColumn(table);
    if (rows.isPresent() && name.isPresent() && !(match.has(0) && match.has(2))) {
      MostCommonRule.ranked(match, name.get(), rows.get()).ifPresent(out);
    }
  }

  /**
   * What uses it: the only table that points at it, or else the one of what ranks. What ranks, and
   * is no money, tells by itself how popular it is, and not how common.
   */
  private static Optional<String> used(String table, Meaning.CommonWord word, Scope scope) {
    Optional<Metric> ranking =
        scope
            .model()
            .preferences()
            .topBy()
            .map(scope.model()::metric)
            .filter(m -> m.table().filter(t -> scope.pointsAt(t, table)).isPresent());
    if (word.popular() && ranking.filter(m -> m.shownAs() != Metric.ShownAs.MONEY).isPresent()) {
      return Optional.empty();
    }
    return scope.onlyPointing(table).or(() -> ranking.flatMap(Metric::table));
  }
}
