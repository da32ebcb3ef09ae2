package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Measure;

/**
 * "total stays", "bookings total" [total] [noun, in the plural] -> the number of rows; where these
 * have an amount of money, that may be meant as well
 */
final class TotalRowsRule extends Rule {
  TotalRowsRule() {
    super(
        Slot.a(Phrase.Statistics.class, s -> s.isJust(Measure.Kind.SUM)).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Phrase.Statistics.class, s -> s.isJust(Measure.Kind.SUM)).maybe());
  }

  @Override
  public double bonus() {
    return 0.15;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(1) || match.has(0) == match.has(2)) {
      return;
    }
    String table = match.get(1, Meaning.RowNoun.class).table();
    out.accept(Contribution.Measures.of(new Measure.RowCount(table)));
    Columns.totalMoney(table, scope)
        .ifPresent(total -> out.accept(Contribution.Measures.of(total)));
  }
}
