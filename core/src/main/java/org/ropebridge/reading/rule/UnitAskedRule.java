package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/**
 * "how many kilometres did the vans do" [how many] [unit] -> the only number of the model in that
 * unit that adds up
 */
final class UnitAskedRule extends Rule {
  UnitAskedRule() {
    super(Slot.word(Role.COUNT), Slot.a(Meaning.UnitName.class));
  }

  @Override
  public double bonus() {
    return -0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String unit = match.get(1, Meaning.UnitName.class).unit();
    List<Measure.Plain> totals =
        scope.model().metrics().stream()
            .filter(m -> m.unit().filter(unit::equals).isPresent())
            .<Measure.Plain>map(m -> new Measure.MetricValue(m.name()))
            .filter(m -> MeasureTables.addsUp(m, scope.model()))
            .toList();
    if (totals.size() == 1) {
      out.accept(Contribution.Measures.of(totals.get(0)));
    }
  }
}
