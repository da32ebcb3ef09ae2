package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "per guest night", "per stay" [per] [measure, or noun of rows without names] -> what is asked for
 * divided by it
 */
final class PerAloneRule extends Rule {
  PerAloneRule() {
    super(Slot.word(Role.PER), Slot.a(Part.class, Operands::isOperand));
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Plain divisor = Operands.of(match.get(1, Part.class));
    boolean breakdown = divisor instanceof Measure.RowCount count && scope.haveNames(count.table());
    if (!breakdown && !(divisor instanceof Measure.Arithmetic)) {
      out.accept(new Contribution.DividedBy(divisor));
    }
  }
}
