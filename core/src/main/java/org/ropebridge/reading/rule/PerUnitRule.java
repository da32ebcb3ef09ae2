package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "cost per kg", "energy per piece" [measure] [per] [unit of one number column, or of one metric,
 * beside it] -> the one divided by the other's total
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
    String unit = match.get(2, Meaning.UnitName.class).unit();
    Measure.Plain of = Operands.of(match.get(0, Part.class));
    if (!scope.dimensions().isPhysical(unit)) {
      counted(unit, of, scope)
          .flatMap(
              counted ->
                  Operands.together(
                      Measure.Operator.DIVIDED_BY,
                      match.get(0, Part.class),
                      Contribution.Measures.of(counted),
                      BigDecimal.ONE))
          .ifPresent(out);
      return;
    }
    Set<String> bases = MeasureTables.of(of, scope.model());
    List<ColumnRef> columns =
        scope.columnsIn(match.get(2, Meaning.UnitName.class).unit()).stream()
            .filter(c -> bases.equals(Set.of(c.table())))
            .filter(scope::addsUp)
            .toList();
    if (columns.size() == 1) {
      Part amount =
          Contribution.Measures.of(Measure.Statistic.of(Measure.Kind.SUM, columns.get(0)));
      Operands.together(
              Measure.Operator.DIVIDED_BY, match.get(0, Part.class), amount, BigDecimal.ONE)
          .ifPresent(out);
    }
  }

  /** "energy per piece": the only metric over the same rows that counts pieces. */
  private static Optional<Measure.Plain> counted(String unit, Measure.Plain of, Scope scope) {
    List<Measure.Plain> metrics =
        scope.model().metrics().stream()
            .filter(m -> m.unit().equals(Optional.of(unit)) && m.shownAs() != Metric.ShownAs.MONEY)
            .<Measure.Plain>map(m -> new Measure.MetricValue(m.name()))
            .filter(
                m -> MeasureTables.of(m, scope.model()).equals(MeasureTables.of(of, scope.model())))
            .toList();
    return metrics.size() == 1 ? Optional.of(metrics.get(0)) : Optional.empty();
  }
}
