package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how much did we spend on seed" [how much] [we spend] [on] [what a number is the cost of] -> that
 * number
 */
final class WeSpendRule extends Rule {
  WeSpendRule() {
    super(
        Slot.word(Role.HOW_MUCH_DONE, Role.WHAT_DID).maybe(),
        Slot.word(Role.WE_SPEND),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.CostOf.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning item = match.get(3, Meaning.CostOf.class).item();
    if (item instanceof Meaning.MetricName metric) {
      out.accept(Contribution.Measures.of(new Measure.MetricValue(metric.metric())));
    } else if (item instanceof Meaning.ColumnName name) {
      scope.meantByColumn(name.column()).ifPresent(m -> out.accept(Contribution.Measures.of(m)));
    }
  }
}
