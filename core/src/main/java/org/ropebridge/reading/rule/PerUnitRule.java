package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "cost per kg" [measure] [per] [unit of one number column beside it] -> the one divided by the
 * other's total
 */
final class PerUnitRule extends Rule {
  PerUnitRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PER),
        Slot.a(Meaning.UnitName.class));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!scope.dimensions().isPhysical(match.get(2, Meaning.UnitName.class).unit())) {
      return;
    }
    Measure.Plain of = Operands.of(match.get(0, Part.class));
    Set<String> bases = MeasureTables.of(of, scope.model());
    List<ColumnRef> columns =
        scope.columnsIn(match.get(2, Meaning.UnitName.class).unit()).stream()
            .filter(c -> bases.equals(Set.of(c.table())))
            .filter(c -> scope.model().column(c).addsUp().equals(Optional.of(Column.AddsUp.SUM)))
            .toList();
    if (columns.size() == 1) {
      Part amount =
          Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.SUM, columns.get(0)));
      Operands.together(
              Measure.Operator.DIVIDED_BY, match.get(0, Part.class), amount, BigDecimal.ONE)
          .ifPresent(out);
    }
  }
}
