package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how are revenue and occupancy related by hut" [how are] [measure] [and] [measure] [related] [by]
 * [something to group by] -> how closely both go together
 */
final class HowRelatedRule extends Rule {
  HowRelatedRule() {
    super(
        Slot.word(Role.DISTRIBUTION).maybe(),
        Slot.a(Part.class, Operands::isOperandOrColumn),
        Slot.word(Role.AND),
        Slot.a(Part.class, Operands::isOperandOrColumn),
        Slot.word(Role.RELATED),
        Slot.word(Role.OVER_EACH, Role.BY, Role.PER).maybe(),
        Slot.a(Phrase.Groupable.class).maybe());
  }

  @Override
  public double bonus() {
    return 1.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    CorrelationRule.together(match, 1, 3, 6, scope)
        .filter(c -> match.has(5) == match.has(6))
        .ifPresent(out);
  }
}
