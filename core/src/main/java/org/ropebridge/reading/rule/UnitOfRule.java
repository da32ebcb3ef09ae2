package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "litres of fuel", "how many litres were sold" [how many] [unit] [measure in that unit] -> the
 * measure
 */
final class UnitOfRule extends Rule {
  UnitOfRule() {
    super(
        Slot.word(Role.COUNT).maybe(),
        Slot.a(Meaning.UnitName.class),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Measures measures = match.get(2, Contribution.Measures.class);
    String unit = match.get(1, Meaning.UnitName.class).unit();
    if (unitOf(measures.measures().get(0), scope).filter(unit::equals).isPresent()) {
      out.accept(measures);
    }
  }

  private static Optional<String> unitOf(Measure measure, Scope scope) {
    if (measure instanceof Measure.MetricValue value) {
      return scope.model().metric(value.metric()).unit();
    }
    return measure instanceof Measure.Statistic statistic
        ? scope.model().column(statistic.column()).unit()
        : Optional.empty();
  }
}
