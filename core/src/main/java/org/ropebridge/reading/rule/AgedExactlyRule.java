package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "how many pupils are 13" [noun of people] [are] [whole number] -> those of that age */
final class AgedExactlyRule extends Rule {
  AgedExactlyRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.word(Role.BE), Slot.a(Meaning.NumberWord.class));
  }

  @Override
  public double bonus() {
    return -0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    BigDecimal years = match.get(2, Meaning.NumberWord.class).number();
    Optional<ColumnRef> age =
        Ages.mayBe(years) && scope.arePeople(table) ? Ages.of(table, scope) : Optional.empty();
    age.ifPresent(
        a ->
            out.accept(
                new Contribution.NounWith(
                    table,
                    new Filter.Compare(a, Filter.Comparison.EQUAL_TO, years, Optional.empty()))));
  }
}
