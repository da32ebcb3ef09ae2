package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many stays on average per day" [measure] [on average] [per] [something to group by] -> the
 * average over those parts
 */
final class OnAveragePerRule extends Rule {
  OnAveragePerRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE),
        Slot.word(Role.PER, Role.BY),
        Slot.a(Part.class, Operands::isPart));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Operands.averageOver(match, 0, 3, scope).ifPresent(out);
  }
}
