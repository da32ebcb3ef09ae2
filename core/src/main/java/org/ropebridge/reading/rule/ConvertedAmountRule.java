package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;

/**
 * "2 km", where columns are in metres [number] [unit of other size] -> the amount in the model's
 * unit
 */
final class ConvertedAmountRule extends Rule {
  ConvertedAmountRule() {
    super(Slot.a(Meaning.NumberWord.class), Slot.a(Meaning.UnitMultiple.class));
  }

  @Override
  public double bonus() {
    return 0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.UnitMultiple unit = match.get(1, Meaning.UnitMultiple.class);
    unit.ratio()
        .converted(match.get(0, Meaning.NumberWord.class).number())
        .ifPresent(amount -> out.accept(new Phrase.Amount(amount, Optional.of(unit.unit()))));
  }
}
