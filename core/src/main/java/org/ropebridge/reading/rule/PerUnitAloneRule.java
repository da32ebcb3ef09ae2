package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Measure;

/** "per piece" [per] [unit of a metric] -> what is asked for divided by it */
final class PerUnitAloneRule extends Rule {
  PerUnitAloneRule() {
    super(Slot.word(Role.PER), Slot.a(Meaning.UnitName.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<String> unit = Optional.of(match.get(1, Meaning.UnitName.class).unit());
    scope.model().metrics().stream()
        .filter(m -> m.unit().equals(unit) && m.shownAs() != Metric.ShownAs.MONEY)
        .forEach(m -> out.accept(new Contribution.DividedBy(new Measure.MetricValue(m.name()))));
  }
}
