package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "what does a stay at Larkspur bring in" [what does] [one of them] [filter] [amount that adds up]
 * -> the amount for each
 */
final class BringsInRule extends Rule {
  BringsInRule() {
    super(
        Slot.word(Role.WHAT_DID),
        Slot.a(Part.class, Operands::isOperand),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Plain amount = new Measure.MetricValue(match.get(3, Meaning.MetricName.class).metric());
    if (!match.isPlural(1) && scope.isMoney(amount)) {
      Operands.divided(amount, match.get(1, Part.class), scope)
          .map(each -> Rankings.narrowed((Contribution) each, match, 2))
          .ifPresent(out);
    }
  }
}
