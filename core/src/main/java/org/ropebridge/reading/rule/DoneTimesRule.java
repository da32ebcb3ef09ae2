package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "reopened tickets", "tickets that were reopened" [be] [number that counts how often a row was so,
 * as a participle] -> rows that were so at least once
 */
final class DoneTimesRule extends Rule {
  DoneTimesRule() {
    super(Slot.word(Role.BE, Role.HAVE).maybe(), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    if (match.isParticiple(1) && scope.repeats().contains(column)) {
      Filter once =
          new Filter.Compare(
              column, Filter.Comparison.MORE_THAN, BigDecimal.ZERO, Optional.empty());
      out.accept(new Contribution.Narrowing(once, true));
      out.accept(new Contribution.Predicate(once));
    }
  }
}
