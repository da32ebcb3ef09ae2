package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many stays per day on average" [measure] [per] [something to group by] [on average] -> the
 * average over those parts
 */
final class PerOnAverageRule extends Rule {
  PerOnAverageRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PER, Role.BY),
        Slot.a(Part.class, Operands::isPart),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    // "how many visits does a vet have per day on average" does not count vets.
    if (!(match.get(0, Part.class) instanceof Meaning.RowNoun) || match.isPlural(0)) {
      Operands.averageOver(match, 0, 2, scope).ifPresent(out);
    }
  }
}
