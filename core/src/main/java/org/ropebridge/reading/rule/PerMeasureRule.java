package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "revenue per guest night", "guests per stay" [measure] [per] [measure, or noun of rows without
 * names] -> the one divided by the other
 */
final class PerMeasureRule extends Rule {
  PerMeasureRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PER),
        Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part divisor = match.get(2, Part.class);
    boolean breakdown = divisor instanceof Meaning.RowNoun noun && scope.haveNames(noun.table());
    Part dividend = between(match.get(0, Part.class), divisor, scope);
    Optional<Measure.Plain> summed = Operands.summed(Operands.of(dividend), scope);
    if (!breakdown && summed.isPresent()) {
      Operands.together(
              Measure.Operator.DIVIDED_BY,
              Contribution.Measures.of(summed.get()),
              divisor,
              BigDecimal.ONE)
          .ifPresent(out);
    }
  }

  /** "products per order" are the rows between the two, where there is one kind of them. */
  private static Part between(Part dividend, Part divisor, Scope scope) {
    if (!(divisor instanceof Meaning.RowNoun of)
        || !(Operands.of(dividend) instanceof Measure.RowCount counted)
        || scope.pointsAt(counted.table(), of.table())) {
      return dividend;
    }
    return scope
        .pointing(counted.table(), of.table())
        .<Part>map(Meaning.RowNoun::new)
        .orElse(dividend);
  }
}
