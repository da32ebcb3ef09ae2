package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many stays does the average member have" [measure] [does] [average] [something to group by]
 * [have] -> the average over those groups
 */
final class HowManyAverageOneHasRule extends Rule {
  HowManyAverageOneHasRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.AUXILIARY, Role.WHAT_DID),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE),
        Slot.a(Part.class, Operands::isPart),
        Slot.word(Role.HAVE).maybe());
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(3)) {
      Operands.averageOver(match, 0, 3, scope).ifPresent(out);
    }
  }
}
