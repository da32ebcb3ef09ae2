package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/** "longer than an hour", "over a kilo" [comparison] [unit like one of the model's] -> one of it */
final class OneUnitRule extends Rule {
  OneUnitRule() {
    super(Slot.a(Meaning.ComparisonWord.class), Slot.a(Meaning.UnitMultiple.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.UnitMultiple unit = match.get(1, Meaning.UnitMultiple.class);
    unit.ratio()
        .converted(BigDecimal.ONE)
        .ifPresent(
            amount ->
                out.accept(
                    new Phrase.Comparing(
                        match.get(0, Meaning.ComparisonWord.class).comparison(),
                        amount,
                        Optional.empty(),
                        Optional.of(unit.unit()))));
  }
}
