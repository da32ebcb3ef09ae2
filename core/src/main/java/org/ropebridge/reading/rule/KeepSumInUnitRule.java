package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "members with over 30 nights" [with] [comparison with unit] -> keeps groups whose rows have so
 * many altogether
 */
final class KeepSumInUnitRule extends Rule {
  KeepSumInUnitRule() {
    super(
        Slot.word(Role.WITH, Role.HAVE), Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()));
  }

  @Override
  public double bonus() {
    return -1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
    for (ColumnRef column : scope.columnsIn(comparing.unit().orElseThrow())) {
      if (scope.addsUp(column)) {
        Keeps.compared(Measure.Statistic.of(Measure.Kind.SUM, column), comparing, scope)
            .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false)));
      }
    }
  }
}
