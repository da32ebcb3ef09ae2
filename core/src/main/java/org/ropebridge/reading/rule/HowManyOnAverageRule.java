package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how many nights does a member stay on average" [measure] [does] [something to group by, in the
 * singular] [noun, as a verb] [on average] -> the average over those parts
 */
final class HowManyOnAverageRule extends Rule {
  HowManyOnAverageRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.AUXILIARY),
        Slot.a(Part.class, Operands::isPart),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(2) && !match.isPlural(3)) {
      Operands.averageOver(match, 0, 2, scope).ifPresent(out);
    }
  }
}
