package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "stays with a minimum party size of 6" [with] [minimum] [number column] [amount] -> keeps rows
 * with so much or more
 */
final class LeastOfColumnRule extends Rule {
  LeastOfColumnRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.WITH_A, Role.HAVE),
        Slot.a(
            Meaning.StatisticWord.class,
            s -> s.kind() == Measure.Kind.MINIMUM || s.kind() == Measure.Kind.MAXIMUM),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Phrase.Amount.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(2, Meaning.ColumnName.class).column();
    boolean least = match.get(1, Meaning.StatisticWord.class).kind() == Measure.Kind.MINIMUM;
    if (scope.holds(column, Column.Holds.NUMBER)) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.Compare(
                  column,
                  least ? Filter.Comparison.AT_LEAST : Filter.Comparison.AT_MOST,
                  match.get(3, Phrase.Amount.class).number(),
                  Optional.empty())));
    }
  }
}
