package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "with party size 4-6" [with] [number column] [one range] -> rows whose number lies in it */
final class ColumnRangeRule extends Rule {
  ColumnRangeRule() {
    super(
        Slot.word(Role.WITH, Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Phrase.Ranges.class, r -> r.edges().size() == 2));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    List<BigDecimal> edges = match.get(2, Phrase.Ranges.class).edges();
    if (scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.Compare(
                  column,
                  Filter.Comparison.BETWEEN,
                  edges.get(0),
                  Optional.of(edges.get(1).subtract(BigDecimal.ONE)))));
    }
  }
}
