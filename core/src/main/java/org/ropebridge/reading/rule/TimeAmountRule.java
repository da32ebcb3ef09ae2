package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Period;

/**
 * "a week", "90 minutes" [number] [unit of time] -> as many of the units that the model counts time
 * in
 */
final class TimeAmountRule extends Rule {
  TimeAmountRule() {
    super(
        Slot.a(Meaning.ComparisonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, u -> u.period().isPresent()));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    BigDecimal count =
        match
            .find(1, Meaning.NumberWord.class)
            .map(Meaning.NumberWord::number)
            .orElse(BigDecimal.ONE);
    Period.Unit unit = match.get(2, Meaning.TimeUnitWord.class).period().orElseThrow();
    Filter.Comparison comparison = match.get(0, Meaning.ComparisonWord.class).comparison();
    for (Map.Entry<String, Integer> units : scope.dimensions().unitsIn(unit).entrySet()) {
      out.accept(
          new Phrase.Comparing(
              comparison,
              count.multiply(BigDecimal.valueOf(units.getValue())),
              Optional.empty(),
              Optional.of(units.getKey())));
    }
  }
}
